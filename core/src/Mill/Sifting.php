<?php

declare(strict_types=1);

namespace StoneMill\Mill;

use StoneMill\Pantry\Grind;

/** Whether the ground grain goes through a sieve, and what that holds back. */
enum Sifting
{
    case Whole;
    case Sifted;

    /** Share of the ground grain that the sieve keeps. Planning estimate. */
    public function heldBackShare(Grind $grind): float
    {
        return match ($this) {
            self::Whole => 0.0,
            self::Sifted => match ($grind) {
                Grind::Shop => 0.0,
                Grind::HomeFine => 0.06,
                Grind::HomeMedium => 0.14,
                Grind::HomeCoarse => 0.28,
            },
        };
    }

    public function after(Grind $grind): Grind
    {
        return match ($this) {
            self::Whole => $grind,
            self::Sifted => match ($grind) {
                Grind::Shop, Grind::HomeFine => $grind,
                Grind::HomeMedium => Grind::HomeFine,
                Grind::HomeCoarse => Grind::HomeMedium,
            },
        };
    }
}
