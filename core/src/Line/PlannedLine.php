<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateTimeImmutable;
use DateTimeInterface;

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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $starts = $this->timeline->stageStarts();
        asort($starts);

        return [
            'starts_at' => $this->startsAt?->format(DateTimeInterface::RFC3339),
            'ready_at' => $this->readyAt?->format(DateTimeInterface::RFC3339),
            'length_seconds' => $this->timeline->lengthSeconds(),
            'hands' => $this->hands,
            'lots' => $this->timeline->lots,
            ...$this->timeline->report->toArray(),
            'fit' => $this->fit?->toArray(),
            'pace' => [...$this->pace->ofAPiece(), 'pressed' => $this->pace->pressed, 'recover' => round($this->piece->recover, 1), 'dries' => $this->piece->dries],
            'stages' => array_map(
                static fn (string $stage, float $at): array => ['stage' => $stage, 'at_seconds' => round($at, 1)],
                array_keys($starts),
                array_values($starts),
            ),
            'actions' => array_map(static fn (Action $action): array => $action->toArray(), $this->timeline->actions),
        ];
    }
}
