<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How the cook measures: it decides how wide the water need is. */
enum Measuring: string
{
    case Weight = 'weight';
    case Cup = 'cup';
    case Feel = 'feel';

    /** Standard deviation of a measured amount, as a share of it. Scale: half a gram in a hundred; cup and eye: planning estimates. */
    public function relativeDeviation(): float
    {
        return match ($this) {
            self::Weight => 0.005,
            self::Cup => 0.06,
            self::Feel => 0.10,
        };
    }
}
