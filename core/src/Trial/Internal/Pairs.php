<?php

declare(strict_types=1);

namespace StoneMill\Trial\Internal;

use StoneMill\Measure\StudentT;
use StoneMill\Trial\Interval;

/**
 * Two levels held beside each other in one dough each time: what differs from dough to dough falls out of the difference. Few pairs: exact, by all ways in
 * which the two halves of each could have changed places; many: Student's t of the differences. docs/model.md, "Trials".
 */
final readonly class Pairs implements Contrast
{
    /** 2^12 ways; more would be waited for, and by then t and the exact answer agree. */
    private const MOST_EXACT = 12;

    /** @param non-empty-list<float> $differences of the second over the first, pair by pair */
    public function __construct(private array $differences)
    {
    }

    public function difference(): float
    {
        return array_sum($this->differences) / count($this->differences);
    }

    public function scatter(): ?float
    {
        $count = count($this->differences);
        if ($count < 2) {
            return null;
        }
        $mean = $this->difference();

        return sqrt(array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $this->differences)) / ($count - 1));
    }

    public function chanceAbove(): float
    {
        return $this->student()->chanceAbove();
    }

    public function interval(float $share): Interval
    {
        return count($this->differences) <= self::MOST_EXACT ? ExactShifts::interval($this->difference(), $this->changedPlaces(), 1 - $share) : $this->student()->interval($share);
    }

    public function reachOf(int $each, float $share): ?float
    {
        $scatter = $this->scatter();

        return $scatter === null ? null : (new StudentT($each - 1))->quantile(0.5 + $share / 2) * $scatter / sqrt($each);
    }

    private function student(): Student
    {
        $scatter = $this->scatter();
        $count = count($this->differences);

        return new Student($this->difference(), $scatter === null ? null : $scatter / sqrt($count), $count - 1);
    }

    /** @return iterable<array{float, float}> mean of the differences, and of ones, with some of their signs turned */
    private function changedPlaces(): iterable
    {
        $count = count($this->differences);
        for ($turned = 0; $turned < 1 << $count; $turned++) {
            $sum = $signs = 0.0;
            foreach ($this->differences as $place => $difference) {
                $sign = ($turned >> $place) & 1 ? -1.0 : 1.0;
                $sum += $sign * $difference;
                $signs += $sign;
            }
            yield [$sum / $count, $signs / $count];
        }
    }
}
