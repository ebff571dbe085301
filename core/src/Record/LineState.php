<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Line\Step;

/** When all will be served, if work goes on from the last entry as planned. */
final readonly class LineState
{
    /**
     * @param list<Step> $steps all that is still to be done at the griddle
     * @param list<BatchEvent> $standing
     */
    public function __construct(private PlannedBatch $plan, private GriddleLog $griddle, private array $steps, private array $standing)
    {
    }

    /** @return array{ready_at: string|null, planned_at: string|null, late_seconds: float|null} */
    public function toArray(): array
    {
        $ready = $this->readyAt();
        $planned = $this->plan->readyAt;

        return [
            'ready_at' => $ready === null ? null : Moment::format($ready),
            'planned_at' => $planned === null ? null : Moment::format($planned),
            'late_seconds' => $ready === null || $planned === null ? null : round(Moment::between($planned, $ready)),
        ];
    }

    public function readyAt(): ?DateTimeImmutable
    {
        $since = $this->griddle->since();
        if ($since !== null) {
            return Moment::later($since, $this->griddle->servedAfterSeconds($this->steps));
        }
        // Looking back at an earlier stage does not begin it again: the furthest one counts, from when it was first gone to.
        $furthest = null;
        foreach ($this->standing as $event) {
            if ($event->kind === EventKind::Entered && $event->stage?->isAfter($furthest->stage ?? Stage::Choose) === true) {
                $furthest = $event;
            }
        }

        return $furthest?->stage === null ? null : Moment::later($furthest->at, $this->plan->fromStage($furthest->stage));
    }
}
