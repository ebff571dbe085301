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

    /** Later than planned, below 0 where it is earlier; null where either is not known. */
    public function lateSeconds(): ?float
    {
        $ready = $this->readyAt();

        return $ready === null || $this->plan->readyAt === null ? null : LogTime::between($this->plan->readyAt, $ready);
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
