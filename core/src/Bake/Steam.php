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

    /** Highest boiling point that the table knows; drier bread keeps its last water. */
    private const MOST_CELSIUS = 250.0;

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
        return self::$boilingTable ??= array_map(
            static fn (int $step): float => self::boilingAt($step / self::TABLE_STEPS),
            range(0, self::TABLE_MOST * self::TABLE_STEPS),
        );
    }

    /** By bisection, since the held water falls as the temperature rises. */
    private static function boilingAt(float $waterPerDry): float
    {
        $low = 100.0;
        $high = self::MOST_CELSIUS;
        for ($halving = 0; $halving < 30; $halving++) {
            $middle = ($low + $high) / 2;
            $activity = self::ATMOSPHERE_PASCAL / self::pressurePascal($middle);
            [$low, $high] = $activity < 1 && self::heldAt($activity, $middle) < $waterPerDry ? [$low, $middle] : [$middle, $high];
        }

        return ($low + $high) / 2;
    }
}
