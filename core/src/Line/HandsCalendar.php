<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** When each pair of hands is taken. Reservations never overlap. */
final class HandsCalendar
{
    /** Two times this close are the same. */
    private const DUST = 1e-9;

    /** @var array<int, list<array{float, float}>> reservations by pair of hands, in order of their start */
    private array $taken;

    public function __construct(int $pairs)
    {
        $this->taken = array_fill(1, $pairs, []);
    }

    /**
     * How much later an interval would have to begin to miss what is in its way; zero where a pair of hands
     * is free over all of it.
     */
    public function delay(float $from, float $until): float
    {
        $delay = INF;
        foreach ($this->taken as $reservations) {
            $delay = min($delay, self::delayAmong($reservations, $from, $until));
        }

        return $delay;
    }

    /** A pair of hands free over the whole interval; the first where none is, which the caller has ruled out. */
    public function freePair(float $from, float $until): int
    {
        foreach ($this->taken as $pair => $reservations) {
            if (self::delayAmong($reservations, $from, $until) === 0.0) {
                return $pair;
            }
        }

        return 1;
    }

    public function reserve(int $pair, float $from, float $until): void
    {
        $at = count($this->taken[$pair]);
        while ($at > 0 && $this->taken[$pair][$at - 1][0] > $from) {
            $at--;
        }
        array_splice($this->taken[$pair], $at, 0, [[$from, $until]]);
    }

    /** @param list<array{float, float}> $reservations */
    private static function delayAmong(array $reservations, float $from, float $until): float
    {
        $delay = 0.0;
        for ($index = count($reservations) - 1; $index >= 0; $index--) {
            [$start, $end] = $reservations[$index];
            if ($end <= $from + self::DUST) {
                break;
            }
            if ($start < $until - self::DUST) {
                $delay = max($delay, $end - $from);
            }
        }

        return $delay;
    }
}
