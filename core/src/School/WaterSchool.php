<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How warm the water goes in. Hotter water swells starch: more binding, more water taken up. */
enum WaterSchool: string
{
    case Cold = 'cold';
    case Warm = 'warm';
    case HotTap = 'hot_tap';
    case Boiling = 'boiling';

    /** The temperature that the school means by its name, in °C. */
    public function celsius(): float
    {
        return match ($this) {
            self::Cold => 18.0,
            self::Warm => 40.0,
            self::HotTap => 52.0,
            self::Boiling => 97.0,
        };
    }
}
