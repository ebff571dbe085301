<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;

/** The air that the bread bakes in, and the oven beside the griddle. */
final readonly class KitchenAir
{
    private const RELATIVE_HUMIDITY = 0.5;

    /** @throws OutOfRange If the room or the oven is beyond any kitchen. */
    public function __construct(public float $roomCelsius = 21.0, public float $ovenCelsius = 182.0)
    {
        OutOfRange::guard('room temperature in °C', $roomCelsius, -10, 60);
        OutOfRange::guard('oven temperature in °C', $ovenCelsius, 60, 350);
    }

    public function roomVapourDensity(): float
    {
        return self::RELATIVE_HUMIDITY * Steam::densityAt($this->roomCelsius);
    }
}
