<?php

declare(strict_types=1);

namespace StoneMill\School;

use StoneMill\Measure\Spread;

/** Where something goes that is no part of the dough: under, around, into or onto the pieces. */
enum ExtraPlace: string
{
    case Dusting = 'dusting';
    case Coating = 'coating';
    case Hands = 'hands';
    case Filling = 'filling';
    case Griddle = 'griddle';
    case Faces = 'faces';
    case Topping = 'topping';
    case After = 'after';

    public function inWords(): string
    {
        return match ($this) {
            self::Dusting => 'to dust with',
            self::Coating => 'to coat the pieces',
            self::Hands => 'for the hands',
            self::Filling => 'to fill them with',
            self::Griddle => 'for the griddle',
            self::Faces => 'for the faces',
            self::Topping => 'on top',
            self::After => 'when they are done',
        };
    }

    /** The stage at whose bench it stands ready. */
    public function stage(): Stage
    {
        return match ($this) {
            self::Dusting, self::Coating, self::Hands, self::Filling => Stage::Shape,
            self::Griddle, self::Faces, self::Topping => Stage::Griddle,
            self::After => Stage::Stack,
        };
    }

    /** Usual in grams for each gram of a piece, where nobody said how much. Planning estimates. */
    public function usualShare(): float
    {
        return match ($this) {
            self::Dusting => 0.03,
            self::Coating => 0.10,
            self::Hands, self::Griddle => 0.015,
            self::Faces, self::After => 0.05,
            self::Filling => 0.60,
            self::Topping => 0.40,
        };
    }

    /** Of what is put there, the share that is eaten; the rest stays on board, hands and iron. Planning estimates. */
    public function eatenShare(): Spread
    {
        return match ($this) {
            self::Dusting => Spread::of(0.35, 0.60, 0.85),
            self::Coating => Spread::of(0.75, 0.90, 1.0),
            self::Hands, self::Griddle => Spread::of(0.25, 0.50, 0.80),
            self::Faces => Spread::of(0.65, 0.85, 1.0),
            self::Filling, self::Topping, self::After => Spread::exactly(1.0),
        };
    }

    /** Whether it lies in the piece while it bakes, and is as much a part of it there as the dough. */
    public function isInside(): bool
    {
        return $this === self::Filling;
    }
}
