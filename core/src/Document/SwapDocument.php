<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Pantry\Allergen;
use StoneMill\Plan\Suitability;
use StoneMill\Plan\Warning;
use StoneMill\Swap\SwapOption;
use StoneMill\Swap\Swapped;

/** What could stand in for a line, with what each makes of the bread. */
final readonly class SwapDocument
{
    public function __construct(private Swapped $swapped)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'replace' => $this->swapped->old->id,
            'name' => $this->swapped->old->name,
            'percent' => round($this->swapped->percent, 4),
            'options' => array_map(self::option(...), $this->swapped->options),
        ];
    }

    /** @return array<string, mixed> */
    private static function option(SwapOption $option): array
    {
        $after = $option->after;

        return [
            'ingredient' => $option->new->id,
            'name' => $option->new->name,
            'percent' => round($option->percent(), 4),
            'at_hand' => $option->isAtHand(),
            'helper' => $option->helper === null ? null : ['name' => $option->helper->name, 'percent' => round($option->helper->percent, 4)],
            'water_grams' => Figures::json($after->dough->waterFigure),
            'hydration_percent' => round($after->dough->hydrationPercent(), 4),
            'binding_index' => round($after->dough->ledger->bindingIndex(), 4),
            'net_carbohydrate_per_piece_grams' => Figures::json(Suitability::netCarbohydrateFigure($after)),
            'allergens' => array_map(static fn (Allergen $allergen): array => ['id' => $allergen->value, 'words' => $allergen->inWords()], $after->label->allergens),
            'gluten' => $after->label->gluten->inWords(),
            'differences' => array_map(Figures::reason(...), $option->differences()),
            'warnings' => array_map(static fn (Warning $warning): string => $warning->text, $after->warnings),
            'request' => $option->given->json(),
        ];
    }
}
