<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** How long the steps of a run are, in seconds: short after each touch, and longer with the time since. */
final readonly class Steps
{
    /** Under the broiler the open face dries and browns within a second: steps are at most so long a part of the usual. */
    private const BROILED_SHARE = 0.4;

    /** A lie of many minutes: from the first figure on steps lengthen with it, to so many times the usual, never past the last. */
    private const CALM_SECONDS = 300.0;

    private const MOST_CALM = 3.0;

    private const LONGEST_OF_ALL = 8.0;

    /**
     * @param float $first after a touch
     * @param float $usual longest of a bread on the metal
     * @param float $growth each is so many times the last
     */
    public function __construct(public float $first, public float $usual, public float $growth)
    {
    }

    /** @param float $calmSeconds since something was last done to the bread: what changes slowly may be followed in longer steps */
    public function after(float $step, float $calmSeconds, bool $isBroiled): float
    {
        $pace = $isBroiled ? self::BROILED_SHARE : min(self::MOST_CALM, max(1.0, $calmSeconds / self::CALM_SECONDS));

        return min($step * $this->growth, self::LONGEST_OF_ALL, $pace * $this->usual);
    }
}
