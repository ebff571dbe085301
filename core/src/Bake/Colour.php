<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/**
 * Browning of a face: its lightness falls as L = L₀ · e^(−b), db/dt = k(T, a). Rate by Purlis and Salvadori (2009) for
 * bread, k = (7.9233·10⁶ + 2.7397·10⁶/a) · exp(−(8701.5 + 49.4738/a)/T) per minute, T in kelvin, a the water
 * activity at the face: wet faces hardly colour. Times the dough's own readiness.
 */
final class Colour
{
    public const RAW_LIGHTNESS = 85.0;

    /** Lightness of a golden face, the middle of the scale. Own scale. */
    public const GOLDEN_LIGHTNESS = 65.0;

    private const LEAST_ACTIVITY = 0.06;

    /** b per second. */
    public static function rate(float $celsius, float $activity, float $readiness): float
    {
        $a = max(self::LEAST_ACTIVITY, $activity);

        return $readiness / 60 * (7.9233e6 + 2.7397e6 / $a) * exp(-(8701.5 + 49.4738 / $a) / ($celsius + 273.15));
    }

    public static function lightness(float $brownness): float
    {
        return self::RAW_LIGHTNESS * exp(-$brownness);
    }

    public static function brownness(float $lightness): float
    {
        return log(self::RAW_LIGHTNESS / $lightness);
    }

    /** From 0 for raw dough over 0.5 for golden towards 1 for black. */
    public static function shade(float $brownness): float
    {
        return 1 - 2 ** (-$brownness / self::brownness(self::GOLDEN_LIGHTNESS));
    }

    public static function ofShade(float $shade): float
    {
        return -log(1 - $shade, 2) * self::brownness(self::GOLDEN_LIGHTNESS);
    }
}
