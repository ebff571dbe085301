<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** The allergens that the shipped ingredients can carry. */
enum Allergen: string
{
    case Egg = 'egg';
    case Milk = 'milk';
    case TreeNuts = 'tree_nuts';
    case Sesame = 'sesame';
    case Peanut = 'peanut';
    case Soy = 'soy';
    case Lupin = 'lupin';
    case Wheat = 'wheat';
    case Legume = 'legume';

    public function inWords(): string
    {
        return match ($this) {
            self::Egg => 'egg',
            self::Milk => 'milk',
            self::TreeNuts => 'tree nuts',
            self::Sesame => 'sesame',
            self::Peanut => 'peanut',
            self::Soy => 'soy',
            self::Lupin => 'lupin',
            self::Wheat => 'wheat',
            self::Legume => 'legume (cross-reacts for some)',
        };
    }
}
