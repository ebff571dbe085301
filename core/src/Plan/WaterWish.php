<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;

/** What the cook has said about the water: its temperature, or the dough's, the amount, and the risk of overshooting. */
final readonly class WaterWish
{
    private const DEFAULT_RISK = 0.10;

    private const DEFAULT_TAP_CELSIUS = 16.0;

    private function __construct(
        public ?float $celsius,
        public ?float $doughCelsius,
        public ?float $hydrationPercent,
        public float $overshootRisk,
        public ?float $potShare,
        public ?float $bowlCelsius,
        public float $tapCelsius,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->object(['celsius', 'dough_celsius', 'hydration_percent', 'overshoot_risk', 'pot_share', 'bowl_celsius', 'tap_celsius']);
        $wish = new self(
            $node->at('celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $node->at('dough_celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $node->at('hydration_percent')->optionalNumber(0, Limits::MOST_HYDRATION_PERCENT, '%'),
            $node->at('overshoot_risk')->optionalNumber(Limits::LEAST_RISK, Limits::MOST_RISK) ?? self::DEFAULT_RISK,
            $node->at('pot_share')->optionalNumber(0, 1),
            $node->at('bowl_celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $node->at('tap_celsius')->optionalNumber(1, Limits::MOST_TAP_CELSIUS, '°C') ?? self::DEFAULT_TAP_CELSIUS,
        );
        if ($wish->celsius !== null && $wish->doughCelsius !== null) {
            $node->refuse('The temperature of the water and of the dough cannot both be wished for.', 'celsius or dough_celsius');
        }

        return $wish;
    }
}
