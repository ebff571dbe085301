<?php

declare(strict_types=1);

namespace StoneMill\Choose;

use StoneMill\Measure\Figure;
use StoneMill\Plan\BatchPlan;

/** A bread held against the wishes: which it meets, and which it misses. */
final readonly class FittingBread
{
    /**
     * @param list<string> $fits
     * @param list<string> $misses
     * @param Figure $minutes from the first weighing to the table
     */
    public function __construct(public BatchPlan $plan, public array $fits, public array $misses, public Figure $minutes)
    {
    }
}
