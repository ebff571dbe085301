<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Measure\Spread;

/** How unlike pieces are that nobody weighs, and what that does to thickness and time where all are pressed to one width. */
final readonly class Unevenness
{
    private function __construct(public string $words, public Spread $grams, public Spread $millimetres, public Spread $seconds)
    {
    }

    /** Thickness goes with weight; time with a power of thickness, as the griddle's own plan has it. */
    public static function of(string $words, Spread $grams, float $millimetres, float $seconds): self
    {
        $band = static fn (float $of, float $power): Spread => Spread::of($of * ($grams->low / $grams->likely) ** $power, $of, $of * ($grams->high / $grams->likely) ** $power);

        return new self($words, $band($grams->likely, 1.0), $band($millimetres, 1.0), $band($seconds, StyleTurnPlanner::THICKNESS_EXPONENT));
    }
}
