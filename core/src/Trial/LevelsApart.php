<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** How far the best level lies from the second. */
final readonly class LevelsApart
{
    /**
     * @param bool $inRanks whether only the order counts
     * @param float $chance that the best is truly better
     */
    public function __construct(public float $difference, public bool $inRanks, public Interval $eighty, public Interval $ninetyFive, public float $chance)
    {
    }
}
