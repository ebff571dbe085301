<?php

declare(strict_types=1);

namespace StoneMill\Blend;

use StoneMill\Pantry\Ingredient;

/** What a blend should have most or least of, among those that meet every wish. */
enum Goal: string
{
    case Cheapest = 'cheapest';
    case LeastNetCarbohydrate = 'least_net_carbohydrate';
    case MostProtein = 'most_protein';
    case MostFibre = 'most_fibre';
    case LeastBinder = 'least_binder';

    /** Cost of one percent of the flour base of this ingredient; the blend with the least sum is the answer. */
    public function costOf(Ingredient $ingredient, float $pricePerKilogram): float
    {
        return match ($this) {
            self::Cheapest => $pricePerKilogram / 1000,
            self::LeastNetCarbohydrate => $ingredient->composition->carbohydrateGrams / 100,
            self::MostProtein => -$ingredient->composition->proteinGrams / 100,
            self::MostFibre => -$ingredient->composition->fibreGrams / 100,
            self::LeastBinder => $ingredient->role->isFlourBase() ? 0.0 : 1.0,
        };
    }
}
