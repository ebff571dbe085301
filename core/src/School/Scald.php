<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How much of the flour meets boiling water, and where. */
enum Scald: string
{
    case None = 'none';
    case PourOver = 'pour_over';
    case HalfInPot = 'half_in_pot';
    case AllInPot = 'all_in_pot';

    /** Share of the flour that is cooked in the pot, where all its starch swells. */
    public function potShare(): float
    {
        return match ($this) {
            self::None, self::PourOver => 0.0,
            self::HalfInPot => 0.5,
            self::AllInPot => 1.0,
        };
    }
}
