<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * Grains whose equilibrium moisture is published. Modified Henderson equation, constants of ASAE D245:
 *
 *   RH = 1 − exp(−K · (T + C) · M^N),   M in % of dry matter
 */
enum Grain: string
{
    case Corn = 'corn';
    case Sorghum = 'sorghum';
    case Rice = 'rice';

    /**
     * Moisture in % of the whole (wet basis) that a flour settles at in a room.
     *
     * @throws OutOfRange If the room is outside what the equation was fitted to.
     */
    public function equilibriumMoisturePercent(float $celsius, float $relativeHumidityPercent): float
    {
        OutOfRange::guard('room temperature in °C', $celsius, 0, 60);
        OutOfRange::guard('relative humidity in %', $relativeHumidityPercent, 1, 99);
        [$k, $n, $c] = $this->constants();
        $dryBasis = (log(1 - $relativeHumidityPercent / 100) / (-$k * ($celsius + $c))) ** (1 / $n);

        return 100 * $dryBasis / (100 + $dryBasis);
    }

    /** @return array{float, float, float} K, N, C */
    private function constants(): array
    {
        return match ($this) {
            self::Corn => [8.6541e-5, 1.8634, 49.810],
            self::Sorghum => [8.5320e-6, 2.4757, 113.725],
            self::Rice => [1.9187e-5, 2.4451, 51.161],
        };
    }
}
