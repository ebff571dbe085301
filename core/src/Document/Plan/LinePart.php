<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use DateTimeInterface;
use StoneMill\Line\Action;
use StoneMill\Line\Fit;
use StoneMill\Line\LineReport;
use StoneMill\Line\PlannedLine;

/** The order of work, with its clock times where one was given. */
final readonly class LinePart
{
    public function __construct(private PlannedLine $line)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $starts = $this->line->timeline->stageStarts();
        asort($starts);

        return [
            'starts_at' => $this->line->startsAt?->format(DateTimeInterface::RFC3339),
            'ready_at' => $this->line->readyAt?->format(DateTimeInterface::RFC3339),
            'length_seconds' => $this->line->timeline->lengthSeconds(),
            'hands' => $this->line->hands,
            'lots' => $this->line->timeline->lots,
            ...self::report($this->line->timeline->report),
            'fit' => $this->line->fit === null ? null : self::fit($this->line->fit),
            'pace' => [...$this->line->pace->ofAPiece(), 'pressed' => $this->line->pace->pressed, 'recover' => round($this->line->piece->recover, 1), 'dries' => $this->line->piece->dries],
            'stages' => array_map(
                static fn (string $stage, float $at): array => ['stage' => $stage, 'at_seconds' => round($at, 1)],
                array_keys($starts),
                array_values($starts),
            ),
            'actions' => array_map(self::action(...), $this->line->timeline->actions),
        ];
    }

    /** @return array<string, mixed> */
    private static function report(LineReport $report): array
    {
        return [
            'cooking_seconds' => round($report->lengthSeconds, 1),
            'bound_seconds' => round($report->boundSeconds, 1),
            'bottleneck' => ['by' => $report->bottleneck->value, 'words' => $report->bottleneck->inWords()],
            'idle_seconds' => array_map(static fn (float $seconds): float => round($seconds, 1), $report->idleSeconds),
            'shaped_ahead' => $report->shapedAhead,
            'second_cook_from' => $report->secondCookFrom,
            'second_griddle_from' => $report->secondGriddleFrom,
        ];
    }

    /** @return array<string, mixed> */
    private static function fit(Fit $fit): array
    {
        return [
            'fits' => $fit->fits,
            'missing_seconds' => round($fit->missingSeconds),
            'nearest' => $fit->fits ? null : [
                'ready_at' => $fit->readyAt?->format(DateTimeInterface::RFC3339),
                'pieces' => $fit->pieces,
                'hands' => $fit->hands,
            ],
            'words' => $fit->words(),
        ];
    }

    /** @return array{kind: string, stage: string, at_seconds: float, until_seconds: float, hands: int|null, piece: int|null, place: int|null} */
    private static function action(Action $action): array
    {
        return [
            'kind' => $action->kind->value,
            'stage' => $action->stage->value ?? $action->kind->value,
            'at_seconds' => round($action->atSeconds, 1),
            'until_seconds' => round($action->untilSeconds, 1),
            'hands' => $action->hands,
            'piece' => $action->piece,
            'place' => $action->place,
        ];
    }
}
