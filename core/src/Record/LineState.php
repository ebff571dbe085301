<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Line\Step;
use StoneMill\School\Stage;

/** When all will be served, if work goes on from the last entry as planned. */
final readonly class LineState
{
    /**
     * @param list<Step> $steps all that is still to be done at the griddle
     * @param array{Stage, DateTimeImmutable}|null $furthest stage gone to, and when
     */
    public function __construct(private PlannedBatch $plan, private GriddleLog $griddle, private array $steps, private ?array $furthest)
    {
    }

    /** @return array{ready_at: string|null, planned_at: string|null, late_seconds: float|null} */
    public function toArray(): array
    {
        $ready = $this->readyAt();
        $planned = $this->plan->readyAt;

        return [
            'ready_at' => $ready === null ? null : LogTime::format($ready),
            'planned_at' => $planned === null ? null : LogTime::format($planned),
            'late_seconds' => $ready === null || $planned === null ? null : round(LogTime::between($planned, $ready)),
        ];
    }

    public function readyAt(): ?DateTimeImmutable
    {
        $since = $this->griddle->since();
        if ($since !== null) {
            return LogTime::later($since, $this->griddle->servedAfterSeconds($this->steps));
        }

        return $this->furthest === null ? null : LogTime::later($this->furthest[1], $this->plan->fromStage($this->furthest[0]));
    }
}
