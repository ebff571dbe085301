<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How long the covered dough waits before it is portioned. */
enum Rest: string
{
    case None = 'none';
    case Short = 'short';
    case TwentyThirtyMinutes = 'twenty_thirty_minutes';
    case ChilledOvernight = 'chilled_overnight';

    public function seconds(): int
    {
        return match ($this) {
            self::None => 0,
            self::Short => 600,
            self::TwentyThirtyMinutes => 1500,
            self::ChilledOvernight => 36000,
        };
    }
}
