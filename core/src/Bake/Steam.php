<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/**
 * Water, its vapour and how strongly a starchy bread holds it. Enthalpies count from liquid water at 0 °C.
 */
final class Steam
{
    public const ATMOSPHERE_PASCAL = 101325.0;

    /** Specific heat of liquid water in J/(kg·K) as a + b·T: Choi and Okos (1986), straightened over 20–140 °C within 0.3 %. */
    public const LIQUID_HEAT = [4163.0, 0.675];

    /** Latent heat in J/kg as a − b·T: steam tables between 20 and 150 °C within 0.5 %. */
    public const LATENT = [2501.0e3, 2440.0];

    /** @var non-empty-list<float>|null worked out once */
    private static ?array $boilingTable = null;

    private const VAPOUR_GAS_CONSTANT = 461.5;

    private const PASCAL_PER_TORR = 133.322;

    /** In °C: highest boiling point that the table knows; drier bread keeps its last water. */
    private const MOST_BOILING = 250.0;

    /** In °C, of water that nothing holds. */
    public const LEAST_BOILING = 100.0;

    /** Kelvins: a step so small ends the search for a boiling point, since the next would be a thousand times smaller. */
    private const NEAR = 1e-7;

    private const MOST_TRIES = 30;

    /** Entries of the table for each unit of water per dry matter. */
    public const TABLE_STEPS = 100;

    private const TABLE_MOST = 4;

    /** Saturation pressure in Pa: Antoine's equation with the usual constants below and above 100 °C. */
    public static function pressurePascal(float $celsius): float
    {
        return self::PASCAL_PER_TORR * ($celsius <= 100
            ? 10 ** (8.07131 - 1730.63 / (233.426 + $celsius))
            : 10 ** (8.14019 - 1810.94 / (244.485 + $celsius)));
    }

    /** Density of saturated vapour in kg/m³. */
    public static function densityAt(float $celsius): float
    {
        return self::pressurePascal($celsius) / (self::VAPOUR_GAS_CONSTANT * ($celsius + 273.15));
    }

    public static function liquidEnthalpy(float $celsius): float
    {
        return $celsius * (self::LIQUID_HEAT[0] + 0.5 * self::LIQUID_HEAT[1] * $celsius);
    }

    public static function vapourEnthalpy(float $celsius): float
    {
        return self::liquidEnthalpy($celsius) + self::LATENT[0] - self::LATENT[1] * $celsius;
    }

    /**
     * Water activity of bread with X kg water per kg dry matter: Oswin's isotherm in the form of Zhang and Datta
     * (2006) for bread, a = 1 / (1 + (100 X / e^(5.5 − 0.0056 T))^(−1/0.38)), T in kelvin.
     */
    public static function activity(float $waterPerDry, float $celsius): float
    {
        if ($waterPerDry <= 1e-6) {
            return 0.0;
        }

        return 1 / (1 + (100 * $waterPerDry / exp(5.5 - 0.0056 * ($celsius + 273.15))) ** (-1 / 0.38));
    }

    /** The inverse: kg water per kg dry matter that is held at this activity. */
    public static function heldAt(float $activity, float $celsius): float
    {
        return 0.01 * exp(5.5 - 0.0056 * ($celsius + 273.15)) * ($activity / (1 - $activity)) ** 0.38;
    }

    /**
     * Boiling points in °C by water per dry matter in steps of 1/TABLE_STEPS: where activity times saturation
     * pressure is that of the air. Falls with more water, towards 100 °C.
     *
     * @return non-empty-list<float>
     */
    public static function boilingTable(): array
    {
        return self::$boilingTable ??= self::boilingPoints();
    }

    /**
     * From dry to wet by the secant method: between two points the logarithm of the water that is held falls nearly straight with
     * temperature, so that its slope leads to the next, and mends itself on the way.
     *
     * @return non-empty-list<float>
     */
    private static function boilingPoints(): array
    {
        $celsius = self::MOST_BOILING;
        $driest = self::heldBoilingAt($celsius);
        // Antoine's two branches do not quite meet at 100 °C: what is held beyond the upper one boils there.
        $wettest = self::heldBoilingAt(self::LEAST_BOILING + self::NEAR);
        $held = log($driest);
        $slope = log(self::heldBoilingAt($celsius - 1)) - $held;
        $points = [$celsius];
        for ($step = 1; $step <= self::TABLE_MOST * self::TABLE_STEPS; $step++) {
            $waterPerDry = $step / self::TABLE_STEPS;
            if ($waterPerDry <= $driest || $waterPerDry >= $wettest) {
                $points[] = $waterPerDry <= $driest ? self::MOST_BOILING : self::LEAST_BOILING;

                continue;
            }
            $wanted = log($waterPerDry);
            for ($tries = 0; $tries < self::MOST_TRIES; $tries++) {
                $cooler = min(($wanted - $held) / $slope, $celsius - self::LEAST_BOILING);
                $celsius -= $cooler;
                if (abs($cooler) < self::NEAR) {
                    break;
                }
                $found = log(self::heldBoilingAt($celsius));
                $slope = ($found - $held) / $cooler;
                $held = $found;
            }
            $points[] = $celsius;
        }

        return $points;
    }

    /** Water per dry matter that still boils off at this temperature and no colder. */
    private static function heldBoilingAt(float $celsius): float
    {
        return self::heldAt(self::ATMOSPHERE_PASCAL / self::pressurePascal($celsius), $celsius);
    }
}
