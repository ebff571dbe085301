<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** Something that was seen: a sum of unknown quantities, each with its share, give or take. */
final readonly class Observation
{
    /**
     * @param array<string, float> $terms share of each unknown in what was seen
     * @param float $deviation standard deviation of what was seen about that sum
     * @param int $day since 1970
     * @param float $driftPerMonth by which what was seen may have changed in a month, in its own unit
     */
    public function __construct(public array $terms, public float $value, public float $deviation, public int $day = 0, public float $driftPerMonth = 0.0)
    {
    }
}
