<?php

declare(strict_types=1);

namespace StoneMill\Blend;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\OwnLabel;
use StoneMill\Pantry\Role;
use StoneMill\Plan\Limits;
use StoneMill\Plan\Reference;
use StoneMill\Style\Style;

/** The larder and the wishes that a blend is to be found for. */
final readonly class BlendRequest
{
    private const FIELDS = [
        'style', 'larder', 'without', 'at_least', 'at_most', 'net_carbohydrate_most', 'protein_least', 'fibre_least',
        'price_most', 'prices', 'binding_least', 'swollen_share', 'goal', 'own_ingredients',
    ];

    private const LARDER = 80;

    /**
     * @param list<Ingredient> $candidates
     * @param array<string, float> $atLeast percent of flour base by ingredient
     * @param array<string, float> $atMost the same
     * @param array<string, float> $prices per kilogram by ingredient
     * @param list<Allergen> $without
     */
    private function __construct(
        public Style $style,
        public array $candidates,
        public array $atLeast,
        public array $atMost,
        public array $prices,
        public array $without,
        public ?float $netCarbohydrateMost,
        public ?float $proteinLeast,
        public ?float $fibreLeast,
        public ?float $priceMost,
        public ?float $bindingLeast,
        public ?float $swollenShare,
        public Goal $goal,
    ) {
    }

    /** @throws InvalidInput If anything in the document breaks the contract. */
    public static function read(mixed $document, Reference $reference): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(self::FIELDS);
        $style = $reference->styles->named($root->at('style'));
        $without = $root->at('without')->choices(Allergen::class, 12);
        $goal = $root->at('goal')->optionalChoice(Goal::class) ?? Goal::LeastBinder;
        $catalogue = $reference->catalogue->with(OwnLabel::readAll($root->at('own_ingredients'), $reference->catalogue));
        $prices = self::amounts($root->at('prices'), $catalogue, Limits::MOST_PRICE);
        $fields = [
            self::candidates($root->at('larder'), $catalogue, $without),
            self::amounts($root->at('at_least'), $catalogue, 100),
            self::amounts($root->at('at_most'), $catalogue, 100),
            $prices,
            $without,
            $root->at('net_carbohydrate_most')->optionalNumber(0, 100, 'g in 100 g of dry blend'),
            $root->at('protein_least')->optionalNumber(0, 100, 'g in 100 g of dry blend'),
            $root->at('fibre_least')->optionalNumber(0, 100, 'g in 100 g of dry blend'),
            $root->at('price_most')->optionalNumber(0, Limits::MOST_PRICE, 'a kg of dry blend'),
            $root->at('binding_least')->optionalNumber(0, 300, 'points'),
            $root->at('swollen_share')->optionalNumber(0, 1),
            $goal,
        ];
        if ($prices === [] && ($goal === Goal::Cheapest || ! $root->at('price_most')->isAbsent())) {
            $root->at('prices')->refuse('Without prices nothing is cheap.', 'a price per kg for each ingredient that has one');
        }
        $findings->refuseIfAny();

        return new self($style, ...$fields);
    }

    /**
     * Dry things that can be blended: flours, starches and binders of the larder, or of the catalogue where none is
     * given. Wheat only if the larder names it; nothing that carries an allergen to do without.
     *
     * @param list<Allergen> $without
     * @return list<Ingredient>
     */
    private static function candidates(Node $larder, Catalogue $catalogue, array $without): array
    {
        $named = [];
        foreach ($larder->isAbsent() ? [] : $larder->items(1, self::LARDER) as $item) {
            $id = $item->text(60);
            if ($id !== '') {
                $catalogue->refuseUnknown($id, $item);
            }
            if ($catalogue->has($id)) {
                $named[] = $id;
            }
        }
        $all = $larder->isAbsent()
            ? array_filter($catalogue->all(), static fn (Ingredient $one): bool => $one->gluten !== GlutenNature::ContainsWheat)
            : array_map($catalogue->ingredient(...), array_unique($named));

        return array_values(array_filter(
            $all,
            static fn (Ingredient $one): bool => ($one->role->isFlourBase() || $one->role === Role::Binder)
                && ! $one->carriesAnyOf($without),
        ));
    }

    /** @return array<string, float> */
    private static function amounts(Node $node, Catalogue $catalogue, float $most): array
    {
        $amounts = [];
        foreach ($node->entries(self::LARDER) as $id => $amount) {
            $catalogue->refuseUnknown($id, $amount);
            $amounts[$id] = $amount->number(0, $most);
        }

        return $amounts;
    }
}
