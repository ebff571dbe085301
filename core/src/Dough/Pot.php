<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/**
 * Flour cooked in the pot: how much of the water goes in with it, and how warm the lump still is when the rest is kneaded in. It comes off the
 * heat boiling, stands covered, and cools as a lump of its own size:
 *
 *   T = T_room + (100 − T_room) · e^(−t h A / C),   A = 6.8 (m/ρ)^(2/3)
 *
 * so that a large lump keeps its heat and a spoonful does not.
 */
final class Pot
{
    private const BOILING_CELSIUS = 100.0;

    /** Half of the flour takes all the water into the pot, as practice has it; less flour takes its part of it. */
    private const WATER_PER_FLOUR = 2.0;

    /** Covered, off the heat, until it can be kneaded: seconds. Planning estimate, give or take a half. */
    private const STANDS_SECONDS = 300.0;

    /** Convection, radiation and steam of a covered lump and the pot's wall, W/(m²·K). Planning estimate. */
    private const TRANSFER = 25.0;

    /** A flat lump has 1.4 times the surface of a ball, which is 4.84 V^(2/3). */
    private const SURFACE = 6.8;

    private const KILOGRAM_PER_CUBIC_METRE = 1100.0;

    /** Share of the water that is cooked with this share of the flour. */
    public static function waterShare(float $flourShare): float
    {
        return min(1.0, self::WATER_PER_FLOUR * $flourShare);
    }

    public static function celsiusWhenKneaded(float $grams, float $joulesPerKelvin, float $roomCelsius): float
    {
        if ($grams <= 0 || $joulesPerKelvin <= 0) {
            return $roomCelsius;
        }
        $squareMetres = self::SURFACE * ($grams / 1000 / self::KILOGRAM_PER_CUBIC_METRE) ** (2 / 3);

        return $roomCelsius + (self::BOILING_CELSIUS - $roomCelsius) * exp(-self::STANDS_SECONDS * self::TRANSFER * $squareMetres / $joulesPerKelvin);
    }
}
