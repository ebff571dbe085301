<?php

declare(strict_types=1);

namespace StoneMill\Line\Internal;

/** When one pair of hands, or the press, is taken. Reservations never overlap and stand in order of their start. */
final class Busy
{
    /** Two times this close are the same. */
    public const DUST = 1e-7;

    /** @var array<int, float> without gaps */
    private array $from = [];

    /** @var array<int, float> without gaps */
    private array $until = [];

    /** Until when it is taken by what is in the way of this interval; null where it is free over all of it. */
    public function blockedUntil(float $from, float $until): ?float
    {
        $blocked = null;
        for ($index = count($this->from) - 1; $index >= 0 && $this->until[$index] > $from + self::DUST; $index--) {
            if ($this->from[$index] < $until - self::DUST) {
                $blocked ??= $this->until[$index];
            }
        }

        return $blocked;
    }

    /** When what is in the way of this interval begins; null where it is free over all of it. */
    public function blockedFrom(float $from, float $until): ?float
    {
        $blocked = null;
        for ($index = count($this->from) - 1; $index >= 0 && $this->until[$index] > $from + self::DUST; $index--) {
            if ($this->from[$index] < $until - self::DUST) {
                $blocked = $this->from[$index];
            }
        }

        return $blocked;
    }

    /** The latest start of a free stretch of this length that begins no sooner than `earliest` and is over by `end`; null where there is none. */
    public function lastStart(float $earliest, float $end, float $length): ?float
    {
        for ($index = count($this->from) - 1; $index >= 0; $index--) {
            if ($this->from[$index] >= $end - self::DUST) {
                continue;
            }
            $start = $end - $length;
            if ($start < $earliest - self::DUST) {
                return null;
            }
            if ($this->until[$index] <= $start + self::DUST) {
                return $start;
            }
            $end = $this->from[$index];
        }

        return $end - $length < $earliest - self::DUST ? null : $end - $length;
    }

    /**
     * The latest free stretches that together hold work of this length, all between `earliest` and `end`. Each stretch is at
     * least `least` long, and each after the first costs `again` to take up once more.
     */
    public function lastParts(float $earliest, float $end, float $length, float $least, float $again): Stretches
    {
        $parts = [];
        $left = $length;
        for ($index = count($this->from) - 1; $index >= -1; $index--) {
            $from = $index >= 0 ? $this->until[$index] : -INF;
            if ($index < 0 || $this->from[$index] < $end - self::DUST) {
                $start = max($from, $earliest, $end - $left);
                // What would be left over for an earlier stretch must be worth taking up.
                if ($end - $start < $left - self::DUST) {
                    $start = max($start, $end - $left + $least);
                }
                if ($end - $start >= min($least, $left) - self::DUST && $end > $start) {
                    $parts[] = [$start, $end];
                    $left -= $end - $start;
                    if ($left <= self::DUST) {
                        return Stretches::holding($parts);
                    }
                    $left += $again;
                }
                $end = min($end, $index >= 0 ? $this->from[$index] : -INF);
                if ($end <= $earliest) {
                    break;
                }
            }
        }

        return Stretches::shortOf($left);
    }

    public function reserve(float $from, float $until): void
    {
        $at = count($this->from);
        // Most are new ones near the end: what comes after is moved up one by one.
        for (; $at > 0 && $this->from[$at - 1] > $from; $at--) {
            $this->from[$at] = $this->from[$at - 1];
            $this->until[$at] = $this->until[$at - 1];
        }
        $this->from[$at] = $from;
        $this->until[$at] = $until;
    }

    public function release(float $from): void
    {
        $last = count($this->from) - 1;
        $at = $last;
        while ($at >= 0 && $this->from[$at] !== $from) {
            $at--;
        }
        if ($at < 0) {
            return;
        }
        for (; $at < $last; $at++) {
            $this->from[$at] = $this->from[$at + 1];
            $this->until[$at] = $this->until[$at + 1];
        }
        array_pop($this->from);
        array_pop($this->until);
    }

    public function end(): float
    {
        return $this->until === [] ? 0.0 : $this->until[count($this->until) - 1];
    }
}
