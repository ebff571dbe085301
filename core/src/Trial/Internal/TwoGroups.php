<?php

declare(strict_types=1);

namespace StoneMill\Trial\Internal;

use StoneMill\Measure\StudentT;
use StoneMill\Trial\Interval;

/**
 * The difference of two groups' means. Few values: exact, by all ways in which the labels could have been dealt; an interval holds every shift that such a
 * test does not refuse. Many: Student's t with the scatter of both. docs/model.md, "Trials".
 */
final readonly class TwoGroups
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

    /** Of the second over the first. */
    public function difference(): float
    {
        return self::mean($this->second) - self::mean($this->first);
    }

    /** Standard deviation within the groups; null where no group has two values. */
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

    /** How likely the second group's true mean is above the first's; a half where nothing tells. */
    public function chanceAbove(): float
    {
        $error = $this->standardError();
        $difference = $this->difference();

        return match (true) {
            $error === null => 0.5,
            $error <= 0.0 => $difference > 0 ? 1.0 : ($difference < 0 ? 0.0 : 0.5),
            default => (new StudentT($this->degrees()))->cumulative($difference / $error),
        };
    }

    /** @param float $share that the interval holds, 0.8 or 0.95 */
    public function interval(float $share): Interval
    {
        return $this->dealings() <= self::MOST_DEALINGS ? $this->exact(1 - $share) : $this->byStudent($share);
    }

    /**
     * Were the second group moved back by δ, a dealing whose means differ by a − bδ would lie as far apart as what was seen, D − δ, for all δ between
     * (D − a)/(1 − b) and (D + a)/(1 + b). A shift is not refused while more than the refused share of all dealings do: the bounds are order statistics of these ends.
     */
    private function exact(float $refused): Interval
    {
        $sizes = [count($this->first), count($this->second)];
        $all = [...$this->first, ...$this->second];
        $sum = array_sum($all);
        $seen = $this->difference();
        $lows = $highs = [];
        foreach (self::dealt($all, $sizes[1], $sizes[0]) as [$ofSecond, $own]) {
            $a = $ofSecond / $sizes[1] - ($sum - $ofSecond) / $sizes[0];
            $b = $own / $sizes[1] - ($sizes[1] - $own) / $sizes[0];
            $ends = abs(1 - abs($b)) < 1e-12 ? [-INF, INF] : [($seen - $a) / (1 - $b), ($seen + $a) / (1 + $b)];
            $lows[] = min($ends);
            $highs[] = max($ends);
        }
        sort($lows);
        rsort($highs);
        $first = (int) floor($refused * count($lows) + 1e-9);

        return new Interval(self::finite($lows[$first]), self::finite($highs[$first]));
    }

    private static function finite(float $bound): ?float
    {
        return is_finite($bound) ? $bound : null;
    }

    private function byStudent(float $share): Interval
    {
        $error = $this->standardError();
        if ($error === null) {
            return new Interval(null, null);
        }
        $reach = $error * (new StudentT($this->degrees()))->quantile(0.5 + $share / 2);

        return new Interval($this->difference() - $reach, $this->difference() + $reach);
    }

    private function standardError(): ?float
    {
        $scatter = $this->scatter();

        return $scatter === null ? null : $scatter * sqrt(1 / count($this->first) + 1 / count($this->second));
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
