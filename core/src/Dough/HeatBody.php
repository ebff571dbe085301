<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;

/** Something that brings heat to a mix: its heat capacity in J/K and its temperature in °C. */
final readonly class HeatBody
{
    private function __construct(public float $joulesPerKelvin, public float $celsius)
    {
    }

    /** @throws OutOfRange If the heat capacity is negative or the temperature is not one of a kitchen. */
    public static function at(float $celsius, float $joulesPerKelvin): self
    {
        return new self(
            OutOfRange::guard('heat capacity in J/K', $joulesPerKelvin, 0, 1e9),
            OutOfRange::guard('temperature in °C', $celsius, -40, 300),
        );
    }
}
