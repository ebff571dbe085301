<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** What the griddle is made of. Handbook values near 200 °C. */
enum Metal: string
{
    case CastIron = 'cast_iron';
    case Steel = 'steel';
    case Aluminium = 'aluminium';
    case Clay = 'clay';
    case Stone = 'stone';

    /** Density times specific heat in J/(m³·K). */
    public function storedPerCubicMetre(): float
    {
        return match ($this) {
            self::CastIron => 7200 * 500.0,
            self::Steel => 7850 * 520.0,
            self::Aluminium => 2700 * 950.0,
            self::Clay => 1900 * 920.0,
            self::Stone => 2800 * 980.0,
        };
    }

    /** W/(m·K). */
    public function conductivity(): float
    {
        return match ($this) {
            self::CastIron => 48.0,
            self::Steel => 46.0,
            self::Aluminium => 180.0,
            self::Clay => 1.0,
            self::Stone => 3.0,
        };
    }

    /** Thickness in mm that such a griddle usually has. */
    public function usualMillimetres(): float
    {
        return match ($this) {
            self::CastIron => 5.0,
            self::Steel => 3.0,
            self::Aluminium => 6.0,
            self::Clay => 9.0,
            self::Stone => 15.0,
        };
    }
}
