<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Pantry\Catalogue;
use StoneMill\Reading\ReadBag;

/** A bag as it was read from a row of a sheet. */
final class BagDocument
{
    /** @return array<string, mixed> */
    public static function json(ReadBag $bag, Catalogue $catalogue): array
    {
        return [
            'row' => $bag->row,
            'ingredient' => $bag->ingredient?->id,
            'name' => $bag->ingredient?->name,
            'label' => $bag->label,
            'grams' => $bag->grams === null ? null : round($bag->grams, 2),
            'price_per_kg' => $bag->pricePerKilogram,
            'bought_on' => $bag->boughtOn,
            'opened_on' => $bag->openedOn,
            'best_before' => $bag->bestBefore,
            'certified_gluten_free' => $bag->isCertified,
            'notes' => $bag->notes,
            'in_larder' => $bag->isThere,
            'doubts' => $bag->doubts,
            'choices' => $catalogue->named($bag->choices),
        ];
    }
}
