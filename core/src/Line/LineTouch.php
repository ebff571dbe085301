<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\School\TurnAction;

/** One touch of a piece on the griddle as hands meet it: between when and when, counted from laying, and for how long. */
final readonly class LineTouch
{
    /** @param float $hands seconds that a pair of hands is taken */
    public function __construct(
        public TurnAction $action,
        public float $from,
        public float $at,
        public float $to,
        public float $hands,
    ) {
    }
}
