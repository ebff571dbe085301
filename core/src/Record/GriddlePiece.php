<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;

/** One piece on the griddle: where, since when, how often touched, and when next. */
final readonly class GriddlePiece
{
    public function __construct(
        public int $piece,
        public int $place,
        public DateTimeImmutable $laidAt,
        public DateTimeImmutable $touchedAt,
        public int $touches,
        public bool $lifted,
    ) {
    }

    public function touchedAt(DateTimeImmutable $at, bool $lifted): self
    {
        return new self($this->piece, $this->place, $this->laidAt, $at, $this->touches + 1, $lifted);
    }

    /**
     * The next touch. It keeps its distance from the last one as it really happened, so that a late turn
     * moves what follows instead of shortening it.
     *
     * @param non-empty-list<array{action: string, at_seconds: float, from_seconds: float, to_seconds: float}> $planned
     * @return array{action: string, due_at: string, from_at: string, to_at: string}|null
     */
    public function next(array $planned): ?array
    {
        if ($this->lifted) {
            return null;
        }
        // A piece turned more often than planned is next to be lifted, a lift's distance after its last turn.
        $index = max(0, min($this->touches, count($planned) - 1));
        $touch = $planned[$index];
        $before = $index === 0 ? 0.0 : $planned[$index - 1]['at_seconds'];
        $moment = fn (float $seconds): string => Moment::format(Moment::later($this->touchedAt, $seconds - $before));

        return [
            'action' => $touch['action'],
            'due_at' => $moment($touch['at_seconds']),
            'from_at' => $moment($touch['from_seconds']),
            'to_at' => $moment($touch['to_seconds']),
        ];
    }
}
