<?php

declare(strict_types=1);

namespace StoneMill\Trial\Internal;

use StoneMill\Measure\StudentT;
use StoneMill\Trial\Interval;

/**
 * The difference of two groups' means. Few values: exact, by all ways in which the labels could have been dealt. Many: Student's t with the scatter of both. docs/model.md, "Trials".
 */
final readonly class TwoGroups implements Contrast
{
    /** More ways than these would be waited for; by then t and the exact answer agree. */
    private const MOST_DEALINGS = 5000;

    /**
     * @param non-empty-list<float> $first
     * @param non-empty-list<float> $second
     */
    public function __construct(private array $first, private array $second)
    {
    }

    public function difference(): float
    {
        return self::mean($this->second) - self::mean($this->first);
    }

    public function scatter(): ?float
    {
        $degrees = $this->degrees();
        if ($degrees < 1) {
            return null;
        }
        $squares = 0.0;
        foreach ([$this->first, $this->second] as $group) {
            $mean = self::mean($group);
            foreach ($group as $value) {
                $squares += ($value - $mean) ** 2;
            }
        }

        return sqrt($squares / $degrees);
    }

    public function chanceAbove(): float
    {
        return $this->student()->chanceAbove();
    }

    public function interval(float $share): Interval
    {
        return $this->dealings() <= self::MOST_DEALINGS ? ExactShifts::interval($this->difference(), $this->everyDealing(), 1 - $share) : $this->student()->interval($share);
    }

    public function reachOf(int $each, float $share): ?float
    {
        $scatter = $this->scatter();

        return $scatter === null ? null : (new StudentT(2 * $each - 2))->quantile(0.5 + $share / 2) * $scatter * sqrt(2 / $each);
    }

    /** @return iterable<array{float, float}> a and b of every dealing, see ExactShifts */
    private function everyDealing(): iterable
    {
        $sizes = [count($this->first), count($this->second)];
        $all = [...$this->first, ...$this->second];
        $sum = array_sum($all);
        foreach (self::dealt($all, $sizes[1], $sizes[0]) as [$ofSecond, $own]) {
            yield [$ofSecond / $sizes[1] - ($sum - $ofSecond) / $sizes[0], $own / $sizes[1] - ($sizes[1] - $own) / $sizes[0]];
        }
    }

    private function student(): Student
    {
        $scatter = $this->scatter();

        return new Student($this->difference(), $scatter === null ? null : $scatter * sqrt(1 / count($this->first) + 1 / count($this->second)), $this->degrees());
    }

    private function degrees(): int
    {
        return count($this->first) + count($this->second) - 2;
    }

    /** In how many ways the labels could have been dealt. */
    private function dealings(): float
    {
        $ways = 1.0;
        for ($index = 1; $index <= count($this->second); $index++) {
            $ways *= (count($this->first) + $index) / $index;
        }

        return round($ways);
    }

    /**
     * Every choice of so many values.
     *
     * @param list<float> $values
     * @param int $others how many of them, the first, are not of the second group
     * @return iterable<array{float, int}> its sum, and how many of the chosen are of the second group
     */
    private static function dealt(array $values, int $size, int $others, int $from = 0, float $sum = 0.0, int $own = 0): iterable
    {
        if ($size === 0) {
            yield [$sum, $own];

            return;
        }
        for ($index = $from; $index <= count($values) - $size; $index++) {
            yield from self::dealt($values, $size - 1, $others, $index + 1, $sum + $values[$index], $own + ($index >= $others ? 1 : 0));
        }
    }

    /** @param non-empty-list<float> $values */
    private static function mean(array $values): float
    {
        return array_sum($values) / count($values);
    }
}
