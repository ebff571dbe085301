<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** The dough that a style wants, from pourable to rollable. */
enum Texture: string
{
    case Batter = 'batter';
    case Soft = 'soft';
    case Press = 'press';
    case Pat = 'pat';
    case Roll = 'roll';

    /** Water taken up against the press texture, which the absorptions are stated for. Own planning estimate. */
    public function waterFactor(): float
    {
        return match ($this) {
            self::Batter => 1.80,
            self::Soft => 1.12,
            self::Press => 1.00,
            self::Pat => 1.02,
            self::Roll => 0.96,
        };
    }
}
