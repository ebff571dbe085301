<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\School\ActionKind;

/** One thing that hands do next at the griddle; seconds from the moment at which it was worked out. */
final readonly class Step
{
    /**
     * @param int $touch 0 for laying, then the first touch, the second, and so on
     * @param float|null $to null where nothing spoils by waiting
     * @param float|null $shapeFrom when the piece is shaped, where it is still to be laid
     */
    public function __construct(
        public ActionKind $action,
        public int $piece,
        public int $place,
        public int $touch,
        public float $at,
        public float $from,
        public ?float $to,
        public ?float $shapeFrom,
    ) {
    }
}
