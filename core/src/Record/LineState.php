<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Line\Step;
use StoneMill\School\Stage;

/** When all will be served, and what comes when on the way, if work goes on from the last entry as planned. */
final readonly class LineState
{
    /** Of these nothing is entered before a piece lies on the metal: only that they were gone to. */
    private const UNTOLD = [Stage::Portion, Stage::Shape, Stage::Griddle];

    /** How long a batch that goes no further is held to go on; after that it was left lying. A planning estimate: longer than hands stay at any stage that nothing is entered of. */
    private const LEFT_LYING_SECONDS = 3 * 3600.0;

    private ?Headway $from;

    /**
     * @param list<Step> $steps all that is still to be done at the griddle
     * @param Headway|null $done null before anything was done
     * @param Headway|null $furthest stage gone to
     */
    public function __construct(private PlannedBatch $plan, private GriddleLog $griddle, private array $steps, ?Headway $done, ?Headway $furthest)
    {
        // Whoever looks ahead is as far as before; whoever comes there later than planned is late.
        $isThere = $done !== null && $furthest !== null && in_array($furthest->stage, self::UNTOLD, true)
            && $furthest->stage->isAfter($done->stage) && $plan->hasStage($furthest->stage) && $this->readyFrom($furthest) > $this->readyFrom($done);
        $this->from = $isThere ? $furthest : $done;
    }

    /** Later than planned, below 0 where it is earlier; null where either is not known. */
    public function lateSeconds(): ?float
    {
        $ready = $this->readyAt();

        return $ready === null || $this->plan->readyAt === null ? null : LogTime::between($this->plan->readyAt, $ready);
    }

    public function readyAt(): ?DateTimeImmutable
    {
        return $this->from === null ? null : $this->readyFrom($this->from);
    }

    /** @return list<Headway> the stage where the work is, since when, and when each after it begins; empty before anything was done */
    public function stages(): array
    {
        $ready = $this->readyAt();
        if ($this->from === null || $ready === null) {
            return [];
        }
        $stages = [$this->from];
        foreach (Stage::cases() as $stage) {
            if ($stage->isAfter($this->from->stage) && ($stage === Stage::Judge || $this->plan->hasStage($stage))) {
                $stages[] = new Headway($stage, $stage === Stage::Judge ? $ready : LogTime::later($ready, -$this->plan->fromStage($stage)));
            }
        }

        return $stages;
    }

    /** When all is served by how it stands at this moment: what should have begun and has not begins now at the soonest, unless the batch was left lying. */
    public function readyBy(DateTimeImmutable $now): ?DateTimeImmutable
    {
        $ready = $this->readyAt();
        $next = $this->next();

        return $ready === null || $next === null || LogTime::between($next->at, $now) > self::LEFT_LYING_SECONDS ? $ready : LogTime::later($ready, max(0.0, LogTime::between($next->at, $now)));
    }

    /** Until then the next stage is overdue where it has not begun; null where nothing is to come that hands begin. */
    public function waitsUntil(): ?DateTimeImmutable
    {
        $next = $this->next();

        return $next === null ? null : LogTime::later($next->at, self::LEFT_LYING_SECONDS);
    }

    /** What hands begin next; a stack is ready by itself. */
    private function next(): ?Headway
    {
        $stages = $this->stages();

        return $stages === [] || $stages[0]->stage === Stage::Stack ? null : $stages[1] ?? null;
    }

    private function readyFrom(Headway $from): DateTimeImmutable
    {
        return match (true) {
            $from->stage === Stage::Stack => LogTime::later($from->at, $this->plan->stackSeconds),
            $from->stage === Stage::Griddle && $this->griddle->since() !== null => LogTime::later($this->griddle->since(), $this->griddle->servedAfterSeconds($this->steps)),
            default => LogTime::later($from->at, $this->plan->fromStage($from->stage)),
        };
    }
}
