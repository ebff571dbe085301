<?php

declare(strict_types=1);

namespace StoneMill\Trial\Internal;

use StoneMill\Trial\Interval;

/** One level against another: by how much, how surely, and how much single results scatter. */
interface Contrast
{
    /** Of the second over the first. */
    public function difference(): float;

    /** Standard deviation of what is averaged, within the groups or of the differences; null where nothing can be said of it. */
    public function scatter(): ?float;

    /** How likely the second's true mean is above the first's; a half where nothing tells. */
    public function chanceAbove(): float;

    /** @param float $share that the interval holds, 0.8 or 0.95 */
    public function interval(float $share): Interval;

    /**
     * How far the difference would be known with so many of each and this scatter, with 95 % to both sides.
     *
     * @param int $each at least 2
     */
    public function reachOf(int $each, float $share): ?float;
}
