<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Choose\FittingBread;
use StoneMill\Pantry\Allergen;
use StoneMill\Plan\Suitability;

/** The breads held against the wishes, a row each. */
final class ChoiceDocument
{
    /**
     * @param list<FittingBread> $breads
     * @return array{breads: list<array<string, mixed>>}
     */
    public static function json(array $breads): array
    {
        return ['breads' => array_map(static function (FittingBread $bread): array {
            $style = $bread->plan->request->style;

            return [
                'style' => $style->id, 'name' => $style->name, 'purpose' => $style->purpose,
                'fits' => $bread->fits, 'misses' => $bread->misses, 'rank' => count($bread->fits),
                'minutes' => Figures::json($bread->minutes),
                'count' => $bread->plan->portions->count,
                'piece_grams' => round($bread->plan->portions->pieceGrams(), 4),
                'net_carbohydrate_grams' => Figures::json(Suitability::netCarbohydrateFigure($bread->plan)),
                'allergens' => array_map(static fn (Allergen $allergen): string => $allergen->value, $bread->plan->label->allergens),
            ];
        }, $breads)];
    }
}
