<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Rounding;

/**
 * Water of a wanted temperature from what a kitchen has: ice, tap and kettle.
 *
 *   kettle k:  k · T_k + (W − k) · T_tap = W · T
 *   ice i:     i · L + i · c · T = (W − i) · c · (T_tap − T)
 *
 * A temperature below freezing stands for more ice than melts in the water alone: the flour melts the rest.
 */
final readonly class WaterParts
{
    public const MOST_ICE_SHARE = 0.5;

    /** Water off the boil, as it arrives in the bowl. */
    private const KETTLE_CELSIUS = 97.0;

    /** Latent heat of ice 333.55 J/g, specific heat of water 4.19 J/(g·K) (IAPWS, rounded). */
    private const MELTING = 333.55;

    private const WATER_HEAT = 4.19;

    /** Nearer than this no thermometer in a bowl tells them apart: a dough is planned to ± 2 K. */
    private const SAME_KELVIN = 2.0;

    private function __construct(public float $iceGrams, public float $tapGrams, public float $kettleGrams, public float $tapCelsius)
    {
    }

    /** @throws OutOfRange If the amount is negative or a temperature none of water in a kitchen. */
    public static function of(float $grams, float $celsius, float $tapCelsius, float $resolutionGrams): self
    {
        OutOfRange::guard('water in grams', $grams, 0, 1e6);
        OutOfRange::guard('temperature of the tap in °C', $tapCelsius, 0, 60);
        OutOfRange::guard('temperature of the water in °C', $celsius, self::coldest($tapCelsius) - 1e-6, 100);
        [$ice, $kettle] = match (true) {
            abs($celsius - $tapCelsius) < self::SAME_KELVIN => [0.0, 0.0],
            abs(self::KETTLE_CELSIUS - $celsius) < self::SAME_KELVIN => [0.0, 1.0],
            $celsius > $tapCelsius => [0.0, min(1.0, ($celsius - $tapCelsius) / (self::KETTLE_CELSIUS - $tapCelsius))],
            default => [self::iceShare($celsius, $tapCelsius), 0.0],
        };
        $ice = Rounding::toStep($ice * $grams, $resolutionGrams);
        $kettle = $kettle >= 1.0 ? $grams : Rounding::toStep($kettle * $grams, $resolutionGrams);

        return new self($ice, max(0.0, round($grams - $ice - $kettle, 6)), $kettle, $tapCelsius);
    }

    /** The lowest temperature that stands for at most the most ice. */
    public static function coldest(float $tapCelsius): float
    {
        return $tapCelsius - self::MOST_ICE_SHARE * (self::MELTING + self::WATER_HEAT * $tapCelsius) / self::WATER_HEAT;
    }

    public static function iceShare(float $celsius, float $tapCelsius): float
    {
        return self::WATER_HEAT * ($tapCelsius - $celsius) / (self::MELTING + self::WATER_HEAT * $tapCelsius);
    }

    /** @return list<WaterPour> what goes into the jug */
    public function pours(): array
    {
        return array_values(array_filter([
            new WaterPour(WaterSource::Ice, $this->iceGrams, 0.0),
            new WaterPour(WaterSource::Tap, $this->tapGrams, $this->tapCelsius),
            new WaterPour(WaterSource::Kettle, $this->kettleGrams, self::KETTLE_CELSIUS),
        ], static fn (WaterPour $pour): bool => $pour->grams > 0));
    }
}
