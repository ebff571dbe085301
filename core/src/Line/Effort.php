<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** How hard to look for a good order of work. */
enum Effort
{
    /** The first order that keeps the rules: where many batches are weighed and none is cooked. */
    case Sketch;

    case Search;

    /**
     * Whether an order is good enough after so many tries at placing a group. It counts work, not time, so that
     * the answer is the same everywhere: the more was tried, the less close to the bound it has to be.
     *
     * @param float $ratio of what was found to the bound
     */
    public function isEnough(float $ratio, int $attempts): bool
    {
        return match ($this) {
            self::Sketch => true,
            self::Search => $ratio <= match (true) {
                $attempts < 250 => 1.002,
                $attempts < 600 => 1.015,
                $attempts < 1500 => 1.03,
                default => INF,
            },
        };
    }
}
