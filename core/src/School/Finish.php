<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What a bread meets besides the griddle. */
enum Finish: string
{
    case None = 'none';
    /** A lid over it on the griddle. */
    case Covered = 'covered';
    case Oven = 'oven';
    case Flame = 'flame';
    case BroilerThenOven = 'broiler_then_oven';

    public function isInTheOven(): bool
    {
        return $this === self::Oven || $this === self::BroilerThenOven;
    }
}
