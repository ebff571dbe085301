<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** How a measure rises over levels that lie on a scale. */
final readonly class Slope
{
    public function __construct(public float $perUnit, public Interval $eighty, public Interval $ninetyFive, public float $chanceRising)
    {
    }
}
