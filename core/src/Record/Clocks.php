<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\School\OvenStep;
use StoneMill\School\Texture;

/** What is waited for, until when, by what was really done: a cook who began late turns the griddle on later, too. */
final readonly class Clocks
{
    /**
     * @param bool $isPortioning whether the bowl stands on the scale
     * @param OvenTurn|null $round of the oven, that is in or comes next
     */
    public function __construct(private PlannedBatch $plan, private Tally $tally, private bool $isPortioning, private ?OvenTurn $round)
    {
    }

    /** @return list<BenchWait> one for each wait of this batch */
    public function all(): array
    {
        $all = $this->steps();
        foreach ($this->waits() as [$kind, $seconds]) {
            if ($seconds > 0) {
                $all[] = new BenchWait($kind, $kind->stage(), $kind->name(), $kind->over(), $kind->startedBy(), null, $seconds, $this->isPast($kind) ? null : $this->endsAt($kind, $seconds));
            }
        }

        return $all;
    }

    /** @return list<BenchWait> one for each step that takes a while */
    private function steps(): array
    {
        $waits = [];
        $tally = $this->tally->steps;
        foreach ($this->plan->steps as $step) {
            $begun = $tally->begun[$step->id] ?? null;
            if ($step->seconds > 0) {
                $ends = $begun === null || isset($tally->done[$step->id]) ? null : LogTime::later($begun, $step->seconds);
                $waits[] = new BenchWait(ClockKind::Step, $step->stage, $step->name, $step->check, EventKind::StepBegun, $step->id, (float) $step->seconds, $ends);
            }
        }

        return $waits;
    }

    /** Of the mixed dough: as planned, or, of one that rises, as what was seen of it says. */
    public function restSeconds(): float
    {
        $since = $this->tally->course->startedAt(EventKind::RestStarted);
        $grown = $this->tally->course->grown;
        if ($since === null || $grown === null || $grown[1] <= $since || ! $this->plan->rises()) {
            return (float) $this->plan->restSeconds;
        }

        return RiseSeen::seconds((float) $this->plan->restSeconds, $this->plan->wantedGrowth(), $grown[0], LogTime::between($since, $grown[1]));
    }

    /** @return list<array{ClockKind, float}> each wait with its seconds */
    private function waits(): array
    {
        return [
            [ClockKind::HandWarm, $this->plan->handWarmSeconds],
            [$this->plan->texture === Texture::Batter ? ClockKind::Stir : ClockKind::Knead, $this->plan->kneadSeconds],
            [$this->plan->rises() ? ClockKind::Rise : ClockKind::Rest, $this->restSeconds()],
            [ClockKind::SecondRest, $this->plan->secondRestSeconds],
            [ClockKind::Preheat, $this->plan->preheatSeconds()],
            ...($this->round === null ? [] : [[$this->round->what === OvenStep::Broiler ? ClockKind::Broiler : ClockKind::Oven, (float) $this->round->seconds]]),
            [ClockKind::Stack, (float) $this->plan->stackSeconds],
        ];
    }

    private function endsAt(ClockKind $kind, float $seconds): ?DateTimeImmutable
    {
        $start = $kind->startedBy();
        if ($start === null) {
            return $this->turnOnAt();
        }
        $since = $start === EventKind::OvenIn ? $this->tally->griddle->ovenSince : $this->tally->course->startedAt($start);

        return $since === null ? null : LogTime::later($since, $seconds);
    }

    /** As far ahead of the first piece as was planned, counted from the last thing that was done. */
    private function turnOnAt(): ?DateTimeImmutable
    {
        $done = Headway::of($this->tally);

        // Who is sooner there than planned turns it on at once.
        return $done === null ? null : LogTime::later($done->at, max(0.0, $this->plan->fromStage($done->stage) - $this->plan->fromPreheat()));
    }

    /** Whether what such a clock is for has begun. */
    private function isPast(ClockKind $kind): bool
    {
        $griddle = $this->tally->griddle;
        $course = $this->tally->course;
        $isFelt = $this->tally->bowl->lastFeel !== null;
        $isLaid = $griddle->since !== null;

        return match ($kind) {
            ClockKind::Knead, ClockKind::Stir, ClockKind::HandWarm => $isFelt || $isLaid || $course->startedAt(EventKind::RestStarted) !== null,
            ClockKind::Rest, ClockKind::Rise => $isLaid || $this->isPortioning,
            ClockKind::SecondRest => $isLaid,
            ClockKind::Preheat => $isLaid || $griddle->surface !== null,
            ClockKind::Step, ClockKind::Oven, ClockKind::Broiler, ClockKind::Stack => false,
        };
    }
}
