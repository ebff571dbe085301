<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Spread;

/**
 * How long a hot dough takes until hands can work it: Newton cooling of the loosened lump,
 *
 *   t = (ρ·c·s / 2h) · ln((T − T_room) / (T_hand − T_room))
 *
 * with lumps of thickness s cooling on both faces.
 */
final class Cooling
{
    public const HAND_WARM_CELSIUS = 45.0;

    /** Lumps as a spoon leaves them, in m. Planning estimate. */
    private const LUMP_METRES = 0.03;

    /** Volumetric heat capacity of a wet dough, J/(m³·K): 1150 kg/m³ at 3000 J/(kg·K). */
    private const VOLUMETRIC_HEAT = 3.45e6;

    /** Convection, radiation and the steam that leaves: W/(m²·K), low, likely, high. Planning estimate. */
    private const TRANSFER = [25.0, 35.0, 50.0];

    /**
     * Minutes until the dough is hand-warm; zero where it already is.
     *
     * @throws OutOfRange If the room itself is warmer than hands can bear.
     */
    public static function minutesUntilHandWarm(float $doughCelsius, float $roomCelsius): Spread
    {
        OutOfRange::guard('room temperature in °C', $roomCelsius, -40, self::HAND_WARM_CELSIUS - 0.5);
        if ($doughCelsius <= self::HAND_WARM_CELSIUS) {
            return Spread::exactly(0.0);
        }
        $folds = log(($doughCelsius - $roomCelsius) / (self::HAND_WARM_CELSIUS - $roomCelsius));
        [$slow, $likely, $fast] = array_map(
            static fn (float $transfer): float => self::VOLUMETRIC_HEAT * self::LUMP_METRES / (2 * $transfer) * $folds / 60,
            self::TRANSFER,
        );

        return Spread::of($fast, $likely, $slow);
    }
}
