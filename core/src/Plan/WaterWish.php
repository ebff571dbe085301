<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;

/** What the cook has said about the water: its temperature, or the dough's, the amount, and the risk of overshooting. */
final readonly class WaterWish
{
    private const DEFAULT_RISK = 0.10;

    private function __construct(
        public ?float $celsius,
        public ?float $doughCelsius,
        public ?float $hydrationPercent,
        public float $overshootRisk,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->object(['celsius', 'dough_celsius', 'hydration_percent', 'overshoot_risk']);
        $wish = new self(
            $node->at('celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $node->at('dough_celsius')->optionalNumber(0, Limits::MOST_WATER_CELSIUS, '°C'),
            $node->at('hydration_percent')->optionalNumber(0, Limits::MOST_HYDRATION_PERCENT, '%'),
            $node->at('overshoot_risk')->optionalNumber(Limits::LEAST_RISK, Limits::MOST_RISK) ?? self::DEFAULT_RISK,
        );
        if ($wish->celsius !== null && $wish->doughCelsius !== null) {
            $node->refuse('The temperature of the water and of the dough cannot both be wished for.', 'celsius or dough_celsius');
        }

        return $wish;
    }
}
