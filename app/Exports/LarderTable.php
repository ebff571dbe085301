<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;
use App\Models\Lot;
use StoneMill\Plan\Reference;

/** The bags of a kitchen, on the shelf, used up and put away. */
final readonly class LarderTable implements Table
{
    public function __construct(private Reference $reference)
    {
    }

    public function heads(): array
    {
        return ['bag', 'ingredient', 'name', 'label', 'certified gluten free', 'bought', 'opened', 'used up', 'best before', 'price (per kg)', 'bought (g)', 'left (g)', 'put away', 'notes'];
    }

    public function rows(Kitchen $kitchen): iterable
    {
        foreach (Lot::ofKitchen($kitchen)->orderBy('lots.id')->get() as $bag) {
            $left = $bag->leftGrams();
            yield [
                $bag->uuid, $bag->ingredient, $this->reference->catalogue->has($bag->ingredient) ? $this->reference->catalogue->ingredient($bag->ingredient)->name : null, $bag->label, $bag->certified_gluten_free, $bag->bought_on, $bag->opened_on, $bag->emptied_on,
                $bag->best_before, $bag->price_per_kilogram, $bag->bought_grams, $left === null ? null : round($left, 1), $bag->archived_at !== null, $bag->notes,
            ];
        }
    }
}
