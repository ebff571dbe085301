<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** How the heat is kept. Planning estimates for household and counter griddles, by area of metal. */
enum Burner: string
{
    /** A flame or plate at one knob setting: it gives the same whatever the metal does. */
    case Steady = 'steady';

    /** A thermostat, or a cook who turns up when the metal cools. */
    case Regulated = 'regulated';

    /** W/(m²·K) more for each kelvin that is missing. */
    public function regulation(): float
    {
        return match ($this) {
            self::Steady => 0.0,
            self::Regulated => 600.0,
        };
    }

    /** W/m² at most. */
    public function mostPower(): float
    {
        return match ($this) {
            self::Steady => 0.0,
            self::Regulated => 25000.0,
        };
    }
}
