<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** Two batches that want the same hands or the same griddle at one time, and what would mend it. */
final readonly class Clash
{
    /**
     * @param Bottleneck $kind what both want
     * @param int $from seconds of the epoch
     * @param list<Move> $moves
     */
    public function __construct(public Bottleneck $kind, public DayBatch $first, public DayBatch $second, public int $from, public int $until, public array $moves)
    {
    }

    public function inWords(): string
    {
        return sprintf('%s and %s want the same %s.', $this->first->inWords(), $this->second->inWords(), $this->kind->value);
    }
}
