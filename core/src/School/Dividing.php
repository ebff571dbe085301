<?php

declare(strict_types=1);

namespace StoneMill\School;

/** How a dough is divided, which decides how alike its pieces are. */
enum Dividing: string
{
    case Scale = 'scale';
    case Spoon = 'spoon';
    case Likened = 'likened';
    case Eye = 'eye';

    /** Standard deviation of a piece's weight, as a share of it. Planning estimates; what was weighed of these hands stands above them. */
    public function relativeDeviation(): float
    {
        return match ($this) {
            self::Scale => 0.0,
            self::Spoon => 0.10,
            self::Likened => 0.15,
            self::Eye => 0.18,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Scale => 'by the scale',
            self::Spoon => 'by spoons',
            self::Likened => 'by what it is likened to',
            self::Eye => 'by eye',
        };
    }
}
