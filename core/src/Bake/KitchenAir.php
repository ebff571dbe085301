<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;

/** The air that the bread bakes in, and the oven beside the griddle. */
final readonly class KitchenAir
{
    public const USUAL_OVEN_CELSIUS = 182.0;

    private const RELATIVE_HUMIDITY = 0.5;

    /** kg/m³, once for all steps of a bake. */
    public float $roomVapourDensity;

    /**
     * @param float $broilerWatts W/m² that a cold face takes up under the broiler
     *
     * @throws OutOfRange If the room, the oven or the broiler is beyond any kitchen.
     */
    public function __construct(public float $roomCelsius = 21.0, public float $ovenCelsius = self::USUAL_OVEN_CELSIUS, public float $broilerWatts = 14000.0)
    {
        OutOfRange::guard('broiler in W/m²', $broilerWatts, 1000, 34000);
        OutOfRange::guard('room temperature in °C', $roomCelsius, -10, 60);
        OutOfRange::guard('oven temperature in °C', $ovenCelsius, 60, 350);
        $this->roomVapourDensity = self::RELATIVE_HUMIDITY * Steam::densityAt($roomCelsius);
    }
}
