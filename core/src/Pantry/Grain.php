<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * Grains whose equilibrium moisture is published. Modified Henderson equation, constants of ASAE D245 (yellow dent
 * corn, grain sorghum, rough rice, edible beans, soft wheat; millets borrow sorghum's, lentils the beans'):
 *
 *   RH = 1 − exp(−K · (T + C) · M^N),   M in % of dry matter
 */
enum Grain: string
{
    case Corn = 'corn';
    case Sorghum = 'sorghum';
    case Rice = 'rice';
    case Bean = 'bean';
    case Wheat = 'wheat';

    /** Outside this the equation is an extrapolation: the range that the constants were fitted over. */
    public const LEAST_CELSIUS = 5.0;

    public const MOST_CELSIUS = 50.0;

    public const LEAST_HUMIDITY_PERCENT = 20.0;

    public const MOST_HUMIDITY_PERCENT = 90.0;

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

    /**
     * The room humidity in % that a flour of this moisture (in % of the whole) is at rest with: the equation as it is published.
     *
     * @throws OutOfRange If the temperature is outside what the equation was fitted to, or the moisture is none of a flour.
     */
    public function relativeHumidityPercent(float $celsius, float $moisturePercent): float
    {
        OutOfRange::guard('room temperature in °C', $celsius, 0, 60);
        OutOfRange::guard('flour moisture in %', $moisturePercent, 0, 60);
        [$k, $n, $c] = $this->constants();
        $dryBasis = 100 * $moisturePercent / (100 - $moisturePercent);

        return 100 * (1 - exp(-$k * ($celsius + $c) * $dryBasis ** $n));
    }

    public static function isFittedTo(float $celsius, float $relativeHumidityPercent): bool
    {
        return $celsius >= self::LEAST_CELSIUS && $celsius <= self::MOST_CELSIUS
            && $relativeHumidityPercent >= self::LEAST_HUMIDITY_PERCENT && $relativeHumidityPercent <= self::MOST_HUMIDITY_PERCENT;
    }

    /** @return array{float, float, float} K, N, C */
    private function constants(): array
    {
        return match ($this) {
            self::Corn => [8.6541e-5, 1.8634, 49.810],
            self::Sorghum => [8.5320e-6, 2.4757, 113.725],
            self::Rice => [1.9187e-5, 2.4451, 51.161],
            self::Bean => [2.0899e-5, 1.8812, 254.230],
            self::Wheat => [1.2299e-5, 2.5558, 64.346],
        };
    }
}
