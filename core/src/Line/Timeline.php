<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\School\ActionKind;

/** The whole batch in order: seconds from its start. */
final readonly class Timeline
{
    /**
     * @param list<Action> $actions by start
     * @param list<int> $lots pieces that are made and cooked together
     */
    public function __construct(public array $actions, public float $readySeconds, public array $lots, public LineReport $report)
    {
    }

    public function lengthSeconds(): int
    {
        return (int) round($this->readySeconds);
    }

    /** @return array<string, float> seconds at which each stage begins, by stage, and from when the griddle is on */
    public function stageStarts(): array
    {
        $starts = [];
        foreach ($this->actions as $action) {
            $stage = $action->stage->value ?? $action->kind->value;
            $starts[$stage] = min($starts[$stage] ?? INF, $action->atSeconds);
        }

        return $starts;
    }

    /** The same day with one long wait longer or shorter. */
    public function withWait(ActionKind $kind, float $longerBy): self
    {
        $actions = [];
        $since = INF;
        foreach ($this->actions as $action) {
            $waits = $action->kind === $kind && $action->hands === null;
            $actions[] = match (true) {
                $waits => $action->longerBy($longerBy),
                $action->atSeconds >= $since => $action->shiftedBy($longerBy),
                default => $action,
            };
            $since = $waits ? $action->untilSeconds - 0.05 : $since;
        }

        return new self($actions, $this->readySeconds + $longerBy, $this->lots, $this->report);
    }

    public function wait(ActionKind $kind): ?Action
    {
        foreach ($this->actions as $action) {
            if ($action->kind === $kind && $action->hands === null) {
                return $action;
            }
        }

        return null;
    }
}
