<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Griddle\TurnAction;
use StoneMill\Griddle\TurnPlan;

/**
 * Puts the steps of a batch in order for a few pairs of hands and one griddle. Each piece is shaped just
 * before it is laid, at the first moment at which a place is free and hands are free for each of its touches.
 */
final class LineBuilder
{
    private HandsCalendar $calendar;

    /** @var list<Action> */
    private array $actions = [];

    /** @var list<array{string, string, float, float}> */
    private array $touches;

    private function __construct(
        private readonly Durations $durations,
        private readonly int $pieces,
        private readonly int $places,
        TurnPlan $turns,
        int $hands,
    ) {
        $this->calendar = new HandsCalendar($hands);
        $this->touches = self::touchesOf($turns, $durations);
    }

    public static function build(Durations $durations, TurnPlan $turns, int $pieces, int $places, int $hands): Timeline
    {
        return (new self($durations, $pieces, $places, $turns, $hands))->run();
    }

    private function run(): Timeline
    {
        $portioned = $this->makeDough();
        $lifted = $this->cook($portioned);
        $finished = $lifted + $this->durations->finish;
        if ($this->durations->finish > 0) {
            $this->add('finish', 'griddle', $lifted, $finished, null);
        }
        $ready = $finished + $this->durations->stack;
        $this->add('stack', 'stack', $finished, $ready, null);
        usort($this->actions, static fn (Action $a, Action $b): int => [$a->atSeconds, $a->untilSeconds] <=> [$b->atSeconds, $b->untilSeconds]);

        return new Timeline($this->actions, $ready);
    }

    /** Weigh, pour, mix, rest and portion, one after the other, by the first pair of hands. */
    private function makeDough(): float
    {
        $durations = $this->durations;
        $now = $this->byHand('weigh', 'measure', 0.0, $durations->lines * Durations::WEIGH_LINE);
        $now = $this->byHand('pour', 'water', $now, Durations::POUR);
        if ($durations->handWarm > 0) {
            $this->add('cool', 'mix', $now, $now + $durations->handWarm, null);
            $now += $durations->handWarm;
        }
        $now = $this->byHand('knead', 'mix', $now, $durations->knead);
        $now = $this->byHand('feel', 'mix', $now, Durations::FEEL);
        if ($durations->rest > 0) {
            $this->add('rest', 'rest', $now, $now + $durations->rest, null);
            $now += $durations->rest;
        }

        return $this->byHand('portion', 'portion', $now, $this->pieces * Durations::PORTION_PIECE);
    }

    /** @return float when the last piece is off the griddle */
    private function cook(float $from): float
    {
        $free = array_fill(1, $this->places, $from);
        $preheat = max(0.0, $from - $this->durations->preheat);
        $this->add('preheat', 'preheat', $preheat, max($preheat + $this->durations->preheat, $from), null);
        $earliest = $from + max($this->durations->shapePiece, $preheat + $this->durations->preheat - $from);
        $last = $from;
        for ($piece = 1; $piece <= $this->pieces; $piece++) {
            asort($free);
            $place = (int) array_key_first($free);
            $start = max($earliest, $free[$place]);
            while (($delay = $this->delay($start)) > 0) {
                $start += $delay;
            }
            $free[$place] = $this->schedule($piece, $place, $start);
            $last = max($last, $free[$place]);
            $earliest = $start;
        }

        return $last;
    }

    /** Zero where hands are free for every touch of a piece laid then; else the least wait that could mend it. */
    private function delay(float $layAt): float
    {
        foreach ($this->touches as [, , $from, $until]) {
            $delay = $this->calendar->delay($layAt + $from, $layAt + $until);
            if ($delay > 0) {
                return $delay;
            }
        }

        return 0.0;
    }

    private function schedule(int $piece, int $place, float $layAt): float
    {
        $end = $layAt;
        foreach ($this->touches as [$kind, $stage, $from, $until]) {
            $pair = $this->calendar->freePair($layAt + $from, $layAt + $until);
            $this->calendar->reserve($pair, $layAt + $from, $layAt + $until);
            $end = $layAt + $until;
            $this->actions[] = new Action($kind, $stage, $layAt + $from, $end, $pair, $piece, $stage === 'griddle' ? $place : null);
        }

        return $end;
    }

    /** @return list<array{string, string, float, float}> kind, stage, from, until of each touch of one piece, in seconds since it is laid */
    private static function touchesOf(TurnPlan $turns, Durations $durations): array
    {
        $work = [
            ['shape', 'shape', -$durations->shapePiece, 0.0],
            ['lay', 'griddle', 0.0, min(Durations::LAY, $turns->touches()[0]->atSeconds)],
        ];
        $touches = $turns->touches();
        foreach ($touches as $index => $touch) {
            $length = $touch->action === TurnAction::Lift ? Durations::LIFT + $durations->flame : Durations::TURN;
            // On very hot metal the next touch can be due before this one is usually over.
            $next = isset($touches[$index + 1]) ? $touches[$index + 1]->atSeconds : INF;
            $work[] = [$touch->action->value, 'griddle', $touch->atSeconds, min($touch->atSeconds + $length, $next)];
        }

        return $work;
    }

    private function byHand(string $kind, string $stage, float $from, float $length): float
    {
        $this->calendar->reserve(1, $from, $from + $length);
        $this->add($kind, $stage, $from, $from + $length, 1);

        return $from + $length;
    }

    private function add(string $kind, string $stage, float $from, float $until, ?int $hands): void
    {
        $this->actions[] = new Action($kind, $stage, $from, $until, $hands, null, null);
    }
}
