<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** How fine a flour is against what shops sell; it decides how much water it takes in the time there is. */
enum Grind: string
{
    case Shop = 'shop';
    case HomeFine = 'home_fine';
    case HomeMedium = 'home_medium';
    case HomeCoarse = 'home_coarse';

    /** Water taken up against the shop's flour: grit wets slowly and keeps a dry heart. Planning estimates. */
    public function absorptionFactor(): float
    {
        return match ($this) {
            self::Shop => 1.0,
            self::HomeFine => 0.98,
            self::HomeMedium => 0.93,
            self::HomeCoarse => 0.85,
        };
    }

    /** A home mill is less even than a roller mill; the need is as much less sure. Planning estimates. */
    public function spreadFactor(): float
    {
        return match ($this) {
            self::Shop => 1.0,
            self::HomeFine => 1.2,
            self::HomeMedium => 1.4,
            self::HomeCoarse => 1.7,
        };
    }
}
