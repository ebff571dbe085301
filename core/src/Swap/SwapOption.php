<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Measure\Unit;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Ingredient;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Suitability;
use StoneMill\Plan\Warning;

/** One way to replace a line: the new request, what it comes to, and what will be different. */
final readonly class SwapOption
{
    private const NOT_AT_HAND = 60.0;

    private const OTHER_FAMILY = 12.0;

    private const NEW_ALLERGEN = 15.0;

    private const WARNING = 10.0;

    /** How far off in distance one gram of difference in 100 g makes an ingredient. */
    private const GRAM = 0.2;

    public float $distance;

    /**
     * @param array<string, mixed> $document the plan request with the swap in it
     * @param array{name: string, percent: float}|null $helper binder added or taken out to keep the hold even
     */
    public function __construct(
        private SwapRequest $swap,
        private BatchPlan $before,
        private BatchPlan $after,
        private Ingredient $old,
        public Ingredient $new,
        private array $document,
        private ?array $helper,
    ) {
        $this->distance = self::distanceOf($old, $new, $swap)
            + self::WARNING * max(0, count($after->warnings) - count($before->warnings));
    }

    /** How unlike two ingredients are, with what is not at hand put behind. Planning estimate, for order only. */
    public static function distanceOf(Ingredient $old, Ingredient $new, SwapRequest $swap): float
    {
        $a = $old->composition;
        $b = $new->composition;
        $gained = array_filter($new->allergens, static fn (Allergen $allergen): bool => ! in_array($allergen, $old->allergens, true));

        return self::GRAM * (abs($a->proteinGrams - $b->proteinGrams) + abs($a->fatGrams - $b->fatGrams)
                + abs($a->carbohydrateGrams - $b->carbohydrateGrams) + abs($a->fibreGrams - $b->fibreGrams))
            + ($old->family === $new->family ? 0.0 : self::OTHER_FAMILY)
            + self::NEW_ALLERGEN * count($gained)
            + ($swap->isAtHand($new->id) ? 0.0 : self::NOT_AT_HAND);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $after = $this->after;

        return [
            'ingredient' => $this->new->id,
            'name' => $this->new->name,
            'percent' => round(Lines::ofPlan($after)->percentOf($this->new->id), 4),
            'at_hand' => $this->swap->isAtHand($this->new->id),
            'helper' => $this->helper === null ? null : ['name' => $this->helper['name'], 'percent' => round($this->helper['percent'], 4)],
            'water_grams' => $after->dough->waterFigure->toArray(),
            'hydration_percent' => round($after->dough->hydrationPercent(), 4),
            'binding_index' => round($after->dough->ledger->bindingIndex(), 4),
            'net_carbohydrate_per_piece_grams' => Suitability::netCarbohydrateFigure($after)->toArray(),
            'allergens' => array_map(static fn (Allergen $allergen): array => ['id' => $allergen->value, 'words' => $allergen->inWords()], $after->label->allergens),
            'gluten' => $after->label->gluten->inWords(),
            'differences' => $this->differences(),
            'warnings' => array_map(static fn (Warning $warning): string => $warning->text, $after->warnings),
            'request' => $this->document,
        ];
    }

    /** @return list<array{text: string, value: float|null, unit: string|null}> */
    private function differences(): array
    {
        $says = static fn (string $text, ?float $value = null, ?Unit $unit = null): array => ['text' => $text, 'value' => $value === null ? null : round($value, 4), 'unit' => $unit?->value];
        $differences = [$says($this->new->note)];
        if ($this->helper !== null) {
            $more = $this->helper['percent'] > 0;
            $differences[] = $says(sprintf('%s %s keeps the hold even, in %% of flour', $more ? 'More' : 'Less', lcfirst($this->helper['name'])), abs($this->helper['percent']), Unit::Percent);
        }
        $water = $this->after->dough->hydrationPercent() - $this->before->dough->hydrationPercent();
        if (abs($water) >= 1) {
            $differences[] = $says($water > 0 ? 'Wants more water' : 'Wants less water', $water, Unit::Point);
        }
        foreach ($this->after->label->allergensBeyond($this->before->label) as $allergen) {
            $differences[] = $says("Brings {$allergen->inWords()}.");
        }
        foreach ($this->before->label->allergensBeyond($this->after->label) as $allergen) {
            $differences[] = $says("Without {$allergen->inWords()}.");
        }
        if ($this->before->label->gluten !== $this->after->label->gluten) {
            $differences[] = $says($this->after->label->gluten->inWords().'.');
        }
        $hold = $this->after->dough->ledger->bindingIndex() - $this->before->dough->ledger->bindingIndex();
        if (abs($hold) > 1) {
            $differences[] = $says($hold > 0 ? 'Holds better' : 'Holds less', $hold, Unit::Index);
        }

        return $differences;
    }
}
