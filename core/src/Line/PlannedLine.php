<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;

/** A batch's order of work, set against the clock where a time was given. */
final readonly class PlannedLine
{
    /**
     * @param DateTimeImmutable|null $startsAt null where neither a serving time nor a beginning was given
     * @param Fit|null $fit null where not both were given
     */
    public function __construct(
        public Timeline $timeline,
        public Pace $pace,
        public PieceWork $piece,
        public int $hands,
        public ?DateTimeImmutable $startsAt,
        public ?DateTimeImmutable $readyAt,
        public ?Fit $fit,
    ) {
    }
}
