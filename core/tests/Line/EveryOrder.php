<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use StoneMill\Line\Crew;
use StoneMill\Line\PieceWork;

/**
 * The least time in which a few pieces can be cooked at all: every choice of every pair of hands at every tick is
 * followed, and equal situations only once. All times are whole ticks, each touch takes one; a best order of such
 * tasks needs no moment between the ticks. Shaping is done tick by tick and may be put down for nothing, which is
 * easier than the search has it; shaped pieces may wait. Hands that could shape are therefore never idle, and no more
 * pieces are begun than there are hands: to do more of what costs nothing never makes it later. What this finds is
 * never more than what is possible. A situation is: pieces not begun; ticks still to shape of those begun; pieces shaped;
 * age and next touch of each that lies; ticks until each left place is hot.
 *
 * @phpstan-type Situation array{int, list<int>, int, list<array{int, int}>, list<int>}
 */
final class EveryOrder
{
    public const TICK = 4.0;

    /** @var list<array{int, int, int}> from, to of each touch in ticks, and which */
    private array $touches = [];

    private int $shape;

    private int $recover;

    public function __construct(PieceWork $work, private readonly Crew $crew, private readonly int $pieces)
    {
        foreach ($work->touches as $number => $touch) {
            $this->touches[] = [self::ticks($touch->from), self::ticks($touch->to), $number];
        }
        $this->shape = self::ticks($work->shape);
        $this->recover = self::ticks($work->recover);
    }

    private static function ticks(float $seconds): int
    {
        return (int) round($seconds / self::TICK);
    }

    /** Seconds until the last piece is off. */
    public function leastSeconds(): float
    {
        $now = ['' => [$this->pieces, [], 0, [], []]];
        for ($tick = 0; $tick < 2000; $tick++) {
            $next = [];
            foreach ($now as $situation) {
                foreach ($this->choices($situation, [[], 0], $this->crew->hands) as $chosen) {
                    if ($chosen[0] + count($chosen[1]) + $chosen[2] + count($chosen[3]) === 0) {
                        return ($tick + 1) * self::TICK;
                    }
                    $later = $this->aTickLater($chosen);
                    if ($later !== null) {
                        $next[json_encode($later, JSON_THROW_ON_ERROR)] = $later;
                    }
                }
            }
            $now = $next;
        }
        throw new \LogicException('No order ends.');
    }

    /**
     * Everything that so many pairs of hands can do in one tick.
     *
     * @param Situation $situation
     * @param array{list<int>, int} $made in this tick: ticks left of the pieces that were gone on with, and pieces shaped
     * @return iterable<Situation>
     */
    private function choices(array $situation, array $made, int $hands): iterable
    {
        [$left, $shaping, $shaped, $on, $cooling] = $situation;
        if ($hands === 0) {
            yield [$left, [...$shaping, ...$made[0]], $shaped + $made[1], $on, $cooling];

            return;
        }
        if ($shaping !== [] || $left > 0) {
            $ticks = ($shaping === [] ? $this->shape : min($shaping)) - 1;
            $others = $shaping === [] ? [] : array_values(array_diff_key($shaping, [(int) array_search(min($shaping), $shaping, true) => 0]));
            $after = $ticks > 0 ? [[...$made[0], $ticks], $made[1]] : [$made[0], $made[1] + 1];
            yield from $this->choices([$shaping === [] ? $left - 1 : $left, $others, $shaped, $on, $cooling], $after, $hands - 1);
        } else {
            yield from $this->choices($situation, $made, $hands - 1);
        }
        if ($shaped > 0 && count($on) + count($cooling) < $this->crew->places) {
            yield from $this->choices([$left, $shaping, $shaped - 1, [...$on, [-1000, 0]], $cooling], $made, $hands - 1);
        }
        foreach ($on as $index => [$age, $touch]) {
            if ($age < 0 || $age < $this->touches[$touch][0] || $age > $this->touches[$touch][1]) {
                continue;
            }
            $others = $on;
            $isLift = $touch === count($this->touches) - 1;
            array_splice($others, $index, 1, $isLift ? [] : [[$age - 1000, $touch + 1]]);
            yield from $this->choices([$left, $shaping, $shaped, $others, $isLift ? [...$cooling, $this->recover + 1] : $cooling], $made, $hands - 1);
        }
    }

    /**
     * @param Situation $situation
     * @return Situation|null null where something was missed
     */
    private function aTickLater(array $situation): ?array
    {
        [$left, $shaping, $shaped, $on, $cooling] = $situation;
        $lies = [];
        foreach ($on as [$age, $touch]) {
            $age = ($age < 0 ? $age + 1000 : $age) + 1;
            if ($age > $this->touches[$touch][1]) {
                return null;
            }
            $lies[] = [$age, $touch];
        }
        $cooling = array_values(array_filter(array_map(static fn (int $ticks): int => $ticks - 1, $cooling), static fn (int $ticks): bool => $ticks > 0));
        sort($shaping);
        sort($lies);
        sort($cooling);

        return [$left, $shaping, $shaped, $lies, $cooling];
    }
}
