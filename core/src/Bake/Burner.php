<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** How the heat is kept. Planning estimates for household and counter griddles, by area of metal. */
enum Burner: string
{
    /** A flame or plate at one knob setting: it gives the same whatever the metal does. */
    case Steady = 'steady';

    /** A plain hob with a cook beside it, who turns it up a little when the metal cools. What nobody has said more of is this. */
    case Home = 'home';

    /** A thermostat, or a hand that never leaves the knob. */
    case Regulated = 'regulated';

    /** Of what a flame or hot plate gives, so much gets into the metal above it. Planning estimate, 0.4–0.6. */
    private const INTO_THE_METAL = 0.5;

    /** W/m² that a burner of so many watts brings into a plate of this area, in m². */
    public static function power(float $watts, float $squareMetres): float
    {
        return self::INTO_THE_METAL * $watts / $squareMetres;
    }

    /** W/(m²·K) more for each kelvin that is missing. */
    public function regulation(): float
    {
        return match ($this) {
            self::Steady => 0.0,
            self::Home => 150.0,
            self::Regulated => 600.0,
        };
    }

    /** W/m² at most, with the flame open. At home 2.5 kW of which half gets into a plate 34 cm wide: 2500 · 0.5 / 0.0908 m² = 13.8 kW/m². */
    public function mostPower(): float
    {
        return match ($this) {
            self::Steady, self::Home => 14000.0,
            self::Regulated => 25000.0,
        };
    }
}
