<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** One batch earlier or later, so that it is in nobody's way. */
final readonly class Move
{
    /** @param DayBatch $moved where it would be then */
    public function __construct(public DayBatch $batch, public int $bySeconds, public DayBatch $moved)
    {
    }

    public function inWords(): string
    {
        return sprintf('%s: %d min %s, ready at %s', $this->batch->inWords(), intdiv(abs($this->bySeconds), 60), $this->bySeconds < 0 ? 'earlier' : 'later', $this->moved->readyAt->format('H:i'));
    }
}
