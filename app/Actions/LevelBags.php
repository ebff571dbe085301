<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Kitchen;
use App\Models\Lot;
use StoneMill\Trial\Factor;
use StoneMill\Trial\LevelBag;

/** The bags of a kitchen that can be levels of a trial, with what its record says of them; a trial of anything else wants none. */
final class LevelBags
{
    /** @return array<string, LevelBag> by their identifiers */
    public static function of(Kitchen $kitchen, Factor $factor): array
    {
        if ($factor !== Factor::Bag) {
            return [];
        }
        $record = (new Learn)($kitchen);
        $bags = [];
        foreach (Lot::onShelf($kitchen)->get() as $lot) {
            $bags[$lot->uuid] = new LevelBag($lot->ingredient, $lot->facts($record->water));
        }

        return $bags;
    }
}
