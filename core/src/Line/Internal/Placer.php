<?php

declare(strict_types=1);

namespace StoneMill\Line\Internal;

use StoneMill\Line\Crew;
use StoneMill\Line\LineTouch;
use StoneMill\Line\PieceWork;
use StoneMill\School\ActionKind;

/**
 * One try at an order of work: pieces are laid in groups, each group at the first moment at which its places are
 * free, hands are free for each of its touches inside their windows, and its pieces can be shaped before, as late
 * as hands allow and no sooner than they would dry.
 *
 * A task's touch is 0 for the lay, then the number of the touch.
 *
 * @phpstan-type Task array{kind: ActionKind, piece: int, place: int|null, touch: int|null, hands: int, from: float, until: float}
 */
final class Placer
{
    /** Where no end of another task tells how much later to try. */
    private const STEP_SECONDS = 2.0;

    /** Shaping is put down for a touch and taken up again, but not for less than this at a time. */
    private const LEAST_PART_SECONDS = 4.0;

    /** To be called away once is as bad as to shape so much sooner. */
    private const CALLED_AWAY_SECONDS = 8.0;

    /** Taking it up again costs so much each time. */
    private const AGAIN_SECONDS = 1.0;

    /** @var non-empty-list<Busy> */
    private array $hands;

    private Busy $press;

    /** @var list<LineTouch> of a piece on a place that nothing has cooled yet */
    private readonly array $touchesOnFresh;

    /** @var list<LineTouch> of any other */
    private readonly array $touches;

    /** @var list<ActionKind> what each touch is */
    private readonly array $kinds;

    /** @var array<int, float> when each place is free, by place from 1 */
    private array $free;

    /** @var array<int, true> places that something lay on */
    private array $used = [];

    /** @var list<Task> */
    private array $placed = [];

    /** @var list<float> when each piece of the group under way is off */
    private array $lifted = [];

    private float $lastLay = -INF;

    private float $end = 0.0;

    private int $attempts = 0;

    public function __construct(private readonly PieceWork $work, private readonly Crew $crew)
    {
        $this->hands = array_map(static fn (): Busy => new Busy, range(1, $crew->hands));
        $this->press = new Busy;
        $this->touchesOnFresh = $work->touchesOn(true);
        $this->touches = $work->touchesOn(false);
        $this->kinds = array_map(static fn (LineTouch $touch): ActionKind => ActionKind::ofTouch($touch->action), $work->touches);
        $this->free = array_fill(1, $crew->places, $crew->hotAt);
    }

    /** Weighs the pieces out, one after the other, by the first pair of hands. */
    public function portion(int $pieces): void
    {
        if ($this->work->portion > 0) {
            $this->hands[0]->reserve(0.0, $pieces * $this->work->portion);
        }
    }

    /** A place that something lies on, or that is not hot again, before then. */
    public function holdPlace(int $place, float $until): void
    {
        $this->used[$place] = true;
        $this->free[$place] = max($this->free[$place], $until);
    }

    /**
     * A touch of a piece that lies there already, as near to its moment as hands allow, however late.
     *
     * @return float when
     */
    public function touch(ActionKind $kind, int $piece, int $place, int $number, float $from, float $at, float $length): float
    {
        // With no end to it there is always a moment.
        $slot = $this->startNear($from, $at, INF, $length);
        $this->take($kind, $piece, $place, $number, (int) $slot->pair, $slot->at, $slot->at + $length);
        $this->end = max($this->end, $slot->at + $length);

        return $slot->at;
    }

    /**
     * Places the next pieces together.
     *
     * @param list<int> $pieces numbers
     * @param list<float> $weighed when each is off the scale
     * @return bool false where so many together are in each other's way at any time
     */
    public function group(array $pieces, array $weighed, float $spacing): bool
    {
        $places = $this->nextPlaces(count($pieces));
        $lay = $this->work->lay;
        $at = max(0.0, $this->lastLay + $spacing);
        foreach ($places as $index => $place) {
            $at = max($at, $this->free[$place] - $index * $lay, $weighed[$index] + $this->work->shape - $index * $lay);
        }
        // Later than this nothing else is in the way any more.
        $clear = max($at, $this->handsEnd()) + count($pieces) * $this->work->shape;
        do {
            $mark = count($this->placed);
            $end = $this->end;
            $wait = $this->attempt($pieces, $places, $weighed, $at);
            if ($wait <= 0) {
                return true;
            }
            $this->rollBack($mark);
            $this->end = $end;
            $last = $at;
            $at += $wait;
        } while ($last <= $clear);

        return false;
    }

    private function handsEnd(): float
    {
        return max(array_map(static fn (Busy $busy): float => $busy->end(), $this->hands));
    }

    public function end(): float
    {
        return $this->end;
    }

    /** How often a group was tried somewhere: what the search has cost. */
    public function attempts(): int
    {
        return $this->attempts;
    }

    /** @return list<Task> */
    public function placed(): array
    {
        return $this->placed;
    }

    /**
     * @param list<int> $pieces
     * @param list<int> $places
     * @param list<float> $weighed
     * @return float zero where it went well; else how much later to try
     */
    private function attempt(array $pieces, array $places, array $weighed, float $at): float
    {
        $this->attempts++;
        $lays = [];
        foreach ($pieces as $index => $piece) {
            $start = $at + $index * $this->work->lay;
            $wait = $this->lay($piece, $places[$index], $start);
            if ($wait > 0) {
                return $wait;
            }
            $lays[] = $start;
        }
        for ($index = count($pieces) - 1; $index >= 0; $index--) {
            $wait = $this->shape($pieces[$index], $weighed[$index], $lays[$index]);
            if ($wait > 0) {
                return $wait;
            }
        }
        foreach ($places as $index => $place) {
            $this->free[$place] = $this->lifted[$index] + $this->work->recover;
            $this->used[$place] = true;
        }
        $this->lifted = [];
        $this->lastLay = $lays[count($lays) - 1];

        return 0.0;
    }

    private function lay(int $piece, int $place, float $start): float
    {
        $length = $this->work->lay;
        $slot = $this->freePair($start, $start + $length);
        if ($slot->pair === null) {
            return $slot->at - $start;
        }
        $this->take(ActionKind::Lay, $piece, $place, 0, $slot->pair, $start, $start + $length);
        $least = $start + $length;
        foreach (isset($this->used[$place]) ? $this->touches : $this->touchesOnFresh as $index => $touch) {
            $from = max($least, $start + $touch->from);
            $to = max($from, $start + $touch->to);
            $slot = $this->startNear($from, max($from, $start + $touch->at), $to, $touch->hands);
            if ($slot->pair === null) {
                return max(self::STEP_SECONDS, $slot->at - $to);
            }
            $this->take($this->kinds[$index], $piece, $place, $index + 1, $slot->pair, $slot->at, $slot->at + $touch->hands);
            $least = $slot->at + $touch->hands;
        }
        $this->lifted[] = $least;
        $this->end = max($this->end, $least);

        return 0.0;
    }

    /** As late as may be before it is laid; put down and taken up again where a touch comes between. */
    private function shape(int $piece, float $weighed, float $layAt): float
    {
        $length = $this->work->shape;
        if ($length <= 0) {
            return 0.0;
        }
        $earliest = max($weighed, $layAt - $this->work->dries - $length);
        $end = $layAt;
        do {
            [$stretches, $pair] = $this->latestParts($earliest, $end, $length);
            if ($stretches->parts === []) {
                return max(self::STEP_SECONDS, $stretches->missing);
            }
            $pressFree = $this->pressFreeBefore($stretches->parts);
            $end = $pressFree ?? $end;
        } while ($pressFree !== null);
        foreach (array_reverse($stretches->parts) as $part) {
            $this->take(ActionKind::Shape, $piece, null, null, $pair, $part[0], $part[1]);
            if ($this->work->pressed) {
                $this->press->reserve($part[0], $part[1]);
            }
        }

        return 0.0;
    }

    /**
     * Another pair may be at the press meanwhile: then this piece must be through before that. A disc that waits in its
     * liner does not hold the press.
     *
     * @param list<array{float, float}> $parts
     * @return float|null null where the press is free
     */
    private function pressFreeBefore(array $parts): ?float
    {
        foreach ($this->work->pressed ? $parts : [] as [$from, $until]) {
            $blocked = $this->press->blockedFrom($from, $until);
            if ($blocked !== null) {
                return $blocked;
            }
        }

        return null;
    }

    /** @return array{Stretches, int} the best of all pairs, or what the nearest to it is short of; and whose hands */
    private function latestParts(float $earliest, float $end, float $length): array
    {
        $best = Stretches::shortOf(INF);
        $by = 0;
        $most = -INF;
        foreach ($this->hands as $pair => $busy) {
            $found = $busy->lastParts($earliest, $end, $length, self::LEAST_PART_SECONDS, self::AGAIN_SECONDS);
            $count = count($found->parts);
            // Later is better, and so is not being called away; the last pair shapes, so that the others keep to the griddle.
            $score = $count === 0 ? -INF : $found->parts[$count - 1][0] - self::CALLED_AWAY_SECONDS * ($count - 1);
            if ($count > 0 ? $score >= $most : $best->parts === [] && $found->missing < $best->missing) {
                [$best, $by, $most] = [$found, $pair, $score];
            }
        }

        return [$best, $by];
    }

    /** The start nearest to `at` at which some pair is free; later goes before earlier. Where there is none up to `to`, when the next would be. */
    private function startNear(float $from, float $at, float $to, float $length): Slot
    {
        $start = $at;
        while ($start <= $to + Busy::DUST) {
            $slot = $this->freePair($start, $start + $length);
            if ($slot->pair !== null) {
                return $slot;
            }
            $start = $slot->at;
        }
        $best = Slot::notBefore($start);
        foreach ($this->hands as $pair => $busy) {
            $earlier = $busy->lastStart($from, $at + $length, $length);
            if ($earlier !== null && ($best->pair === null || $earlier > $best->at)) {
                $best = Slot::with($pair, $earlier);
            }
        }

        return $best;
    }

    /** A pair free over all of the interval; where none is, when the first of them is through with what is in the way. */
    private function freePair(float $from, float $until): Slot
    {
        $blocked = INF;
        foreach ($this->hands as $pair => $busy) {
            $end = $busy->blockedUntil($from, $until);
            if ($end === null) {
                return Slot::with($pair, $from);
            }
            $blocked = min($blocked, $end);
        }

        return Slot::notBefore($blocked);
    }

    private function take(ActionKind $kind, int $piece, ?int $place, ?int $touch, int $pair, float $from, float $until): void
    {
        $this->hands[$pair]->reserve($from, $until);
        $this->placed[] = ['kind' => $kind, 'piece' => $piece, 'place' => $place, 'touch' => $touch, 'hands' => $pair + 1, 'from' => $from, 'until' => $until];
    }

    private function rollBack(int $mark): void
    {
        foreach (array_reverse(array_splice($this->placed, $mark)) as $task) {
            $this->hands[$task['hands'] - 1]->release($task['from']);
            if ($task['kind'] === ActionKind::Shape && $this->work->pressed) {
                $this->press->release($task['from']);
            }
        }
        $this->lifted = [];
    }

    /** @return list<int> the places that are free first */
    private function nextPlaces(int $count): array
    {
        asort($this->free);

        return array_slice(array_keys($this->free), 0, $count);
    }
}
