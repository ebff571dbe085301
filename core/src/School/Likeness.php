<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What a piece of dough is likened to, where nobody weighs it. */
enum Likeness: string
{
    case Walnut = 'walnut';
    case HensEgg = 'hens_egg';
    case SmallApple = 'small_apple';
    case Fist = 'fist';

    /** Grams of dough: 24, 50, 104 and 200 mL at 1.15 g/mL. Planning estimates. */
    public function grams(): float
    {
        return match ($this) {
            self::Walnut => 28.0,
            self::HensEgg => 58.0,
            self::SmallApple => 120.0,
            self::Fist => 230.0,
        };
    }
}
