<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\Allergen;
use StoneMill\Style\Purpose;
use StoneMill\Style\Style;

/** Which bread suits what it must do and who eats it: each style planned at its defaults and held against the wishes. */
final readonly class Chooser
{
    private const FIELDS = ['purpose', 'without', 'net_carbohydrate_most', 'minutes_most', 'no_press', 'no_oven', 'no_boiling'];

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @return array{breads: list<array<string, mixed>>} all styles, those that meet every wish first
     *
     * @throws InvalidInput If anything in the document breaks the contract.
     */
    public function choose(mixed $document): array
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(self::FIELDS);
        $wishes = new Suitability(
            $root->at('purpose')->optionalChoice(Purpose::class),
            array_map(static fn (Node $item): Allergen => $item->choice(Allergen::class), $root->at('without')->items(0, 12)),
            $root->at('net_carbohydrate_most')->optionalNumber(0.5, 200, 'g a piece'),
            $root->at('minutes_most')->optionalNumber(5, 3000, 'min'),
            array_values(array_filter([
                self::isSet($root->at('no_press')) ? Obstacle::Press : null,
                self::isSet($root->at('no_oven')) ? Obstacle::Oven : null,
                self::isSet($root->at('no_boiling')) ? Obstacle::Boiling : null,
            ])),
        );
        $findings->refuseIfAny();
        $breads = array_map(fn (Style $style): array => $this->held($style, $wishes), $this->reference->styles->all());
        usort($breads, static fn (array $a, array $b): int => [count($a['misses']), $b['rank'], $a['minutes']] <=> [count($b['misses']), $a['rank'], $b['minutes']]);

        return ['breads' => $breads];
    }

    private static function isSet(Node $node): bool
    {
        return ! $node->isAbsent() && $node->boolean();
    }

    /** @return array{style: string, name: string, purpose: string, fits: list<string>, misses: list<string>, rank: int, minutes: float, count: int, piece_grams: float, net_carbohydrate_grams: float, allergens: list<string>} */
    private function held(Style $style, Suitability $wishes): array
    {
        $plan = $this->planner->plan(PlanRequest::read(['style' => $style->id], $this->reference));
        [$fits, $misses] = $wishes->of($plan);

        return [
            'style' => $style->id, 'name' => $style->name, 'purpose' => $style->purpose,
            'fits' => $fits, 'misses' => $misses, 'rank' => count($fits),
            'minutes' => round($plan->line->readySeconds / 60, 1),
            'count' => $plan->portions->count,
            'piece_grams' => round($plan->portions->pieceGrams(), 4),
            'net_carbohydrate_grams' => round(Suitability::netCarbohydrate($plan), 4),
            'allergens' => array_map(static fn (Allergen $allergen): string => $allergen->value, $plan->label->allergens),
        ];
    }
}
