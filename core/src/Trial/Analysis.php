<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Measure\StudentT;
use StoneMill\Trial\Internal\Contrast;
use StoneMill\Trial\Internal\Pairs;
use StoneMill\Trial\Internal\TwoGroups;

/** What the points of a trial say: means, the best level against the next, a slope where the levels lie on a scale, and how much is missing. */
final readonly class Analysis
{
    private const DECIDED = 0.95;

    private const LEANING = 0.8;

    /** Fewer of each level can refuse nothing at 95 % (70 dealings of 4 and 4; 20 of 3 and 3 are too few). */
    private const LEAST_OF_EACH = 4;

    /** Of pairs the halves can change places in 2^6 = 64 ways, of which two lie as far apart; of 2^5 two are one in sixteen. */
    private const LEAST_PAIRS = 6;

    private const MOST_MORE = 60;

    /** Where no least difference was named: so much of the scatter. */
    private const MATTERS_SHARE = 1.0;

    /**
     * @param non-empty-list<Level> $levels
     * @param list<Point> $points
     */
    public function __construct(private array $levels, private Gauge $gauge, private array $points)
    {
    }

    /** @return array{count: int, words: string} how many of each, or doughs in halves, are the fewest that can decide */
    public static function fewest(bool $inHalves): array
    {
        return $inHalves
            ? ['count' => self::LEAST_PAIRS, 'words' => 'Six doughs are the fewest that can decide. Which half comes first is drawn.']
            : ['count' => self::LEAST_OF_EACH, 'words' => 'Four of each are the fewest that can decide. The order is drawn, so that days do not.'];
    }

    public function findings(): Found
    {
        $ranked = $this->ranked();
        $against = count($ranked) < 2 ? null : $this->against($ranked[0], $ranked[1]);
        $eighty = $against?->interval(self::LEANING);
        $ninetyFive = $against?->interval(self::DECIDED);
        $standing = $this->standing($against, $eighty, $ninetyFive);
        $more = $standing === Standing::Decided || $standing === Standing::Same ? 0 : $this->more($against, $standing === Standing::Leaning);

        return new Found(
            standing: $standing,
            words: $this->words($ranked, $against, $standing, $more),
            levels: array_map(fn (int $level): LevelFound => new LevelFound($this->levels[$level], $this->valuesOf($level)), array_keys($this->levels)),
            best: $ranked[0] ?? null,
            second: $ranked[1] ?? null,
            difference: $against === null || $eighty === null || $ninetyFive === null ? null : new LevelsApart($against->difference(), $this->gauge->isOrdered, $eighty, $ninetyFive, $this->chance($against)),
            slope: $this->slope(),
            more: $more,
            next: $this->next($ranked),
        );
    }

    /** @return list<float> */
    private function valuesOf(int $level): array
    {
        return array_values(array_map(static fn (Point $point): float => $point->value, array_filter($this->points, static fn (Point $point): bool => $point->level === $level)));
    }

    /** @return list<int> levels that came out at all, the best first */
    private function ranked(): array
    {
        $means = [];
        foreach (array_keys($this->levels) as $level) {
            $values = $this->valuesOf($level);
            if ($values !== []) {
                $means[$level] = ($this->gauge->moreIsBetter ? 1 : -1) * array_sum($values) / count($values);
            }
        }
        arsort($means);

        return array_keys($means);
    }

    /** The best against the second, in ranks where only the order counts. */
    private function against(int $best, int $second): ?Contrast
    {
        if ($this->isPaired()) {
            return $this->paired($best, $second);
        }
        [$better, $worse] = $this->asItCounts($this->valuesOf($best), $this->valuesOf($second));

        return $better === [] || $worse === [] ? null : new TwoGroups($worse, $better);
    }

    /**
     * Values as they are, or their ranks among both where only the order counts.
     *
     * @param list<float> $better
     * @param list<float> $worse
     * @return array{list<float>, list<float>}
     */
    private function asItCounts(array $better, array $worse): array
    {
        if (! $this->gauge->isOrdered) {
            return [$better, $worse];
        }
        $ranks = self::ranks([...$better, ...$worse]);

        return [array_slice($ranks, 0, count($better)), array_slice($ranks, count($better))];
    }

    private function isPaired(): bool
    {
        return count($this->levels) === 2 && $this->points !== [] && array_filter($this->points, static fn (Point $point): bool => $point->pair === null) === [];
    }

    /** The doughs of which both halves came out; ranks are dealt among all that did. */
    private function paired(int $best, int $second): ?Pairs
    {
        $pairs = [];
        foreach ($this->points as $point) {
            $pairs[(string) $point->pair][$point->level] = $point->value;
        }
        $pairs = array_values(array_filter($pairs, static fn (array $pair): bool => count($pair) === 2));
        [$better, $worse] = $this->asItCounts(array_column($pairs, $best), array_column($pairs, $second));
        $differences = array_map(static fn (float $high, float $low): float => $high - $low, $better, $worse);

        return $differences === [] ? null : new Pairs($differences);
    }

    /**
     * Ranks from 1; equal values share theirs.
     *
     * @param list<float> $values
     * @return list<float>
     */
    private static function ranks(array $values): array
    {
        return array_map(static function (float $value) use ($values): float {
            $below = count(array_filter($values, static fn (float $one): bool => $one < $value));

            return $below + (count(array_filter($values, static fn (float $one): bool => $one === $value)) + 1) / 2;
        }, $values);
    }

    private function chance(Contrast $against): float
    {
        return $this->gauge->moreIsBetter ? $against->chanceAbove() : 1 - $against->chanceAbove();
    }

    private function standing(?Contrast $against, ?Interval $leaning, ?Interval $decided): Standing
    {
        if ($against === null || $leaning === null || $decided === null) {
            return Standing::Open;
        }

        return match (true) {
            ! $decided->excludesNothing() => Standing::Decided,
            ! $this->gauge->isOrdered && $decided->liesWithin($this->matters($against)) => Standing::Same,
            ! $leaning->excludesNothing() => Standing::Leaning,
            default => Standing::Open,
        };
    }

    private function matters(Contrast $against): float
    {
        return $this->gauge->matters ?? self::MATTERS_SHARE * ($against->scatter() ?? 0.0);
    }

    /**
     * How many more of each level until a difference that matters would show: half of the 95 % interval is then as wide as it.
     *
     * @param bool $asSeen whether the difference that was seen is taken for the true one, where it is larger
     */
    private function more(?Contrast $against, bool $asSeen): int
    {
        $counts = array_map(fn (int $level): int => count($this->valuesOf($level)), array_keys($this->levels));
        $least = min($counts);
        $needed = $this->isPaired() ? self::LEAST_PAIRS : self::LEAST_OF_EACH;
        if ($against !== null && ! $this->gauge->isOrdered && $this->matters($against) > 0) {
            $sought = max($this->matters($against), $asSeen ? abs($against->difference()) : 0.0);
            // More of each reach ever less wide: the fewest that are enough are found by halving.
            $enough = self::MOST_MORE;
            while ($needed < $enough) {
                $middle = intdiv($needed + $enough, 2);
                ($against->reachOf($middle, self::DECIDED) ?? 0.0) > $sought ? $needed = $middle + 1 : $enough = $middle;
            }
        }

        return max(1, $needed - $least);
    }

    /** Least squares over levels that lie on a scale; null where fewer than three were tried. */
    private function slope(): ?Slope
    {
        $pairs = [];
        foreach ($this->points as $point) {
            $x = $this->levels[$point->level]->value;
            if ($x !== null) {
                $pairs[] = [$x, $point->value];
            }
        }
        $count = count($pairs);
        $tried = count(array_unique(array_map(static fn (array $pair): string => (string) $pair[0], $pairs)));
        if ($tried < 3 || $count < 4) {
            return null;
        }
        $meanX = array_sum(array_column($pairs, 0)) / $count;
        $meanY = array_sum(array_column($pairs, 1)) / $count;
        $xx = array_sum(array_map(static fn (array $pair): float => ($pair[0] - $meanX) ** 2, $pairs));
        $slope = array_sum(array_map(static fn (array $pair): float => ($pair[0] - $meanX) * ($pair[1] - $meanY), $pairs)) / $xx;
        $left = array_sum(array_map(static fn (array $pair): float => ($pair[1] - $meanY - $slope * ($pair[0] - $meanX)) ** 2, $pairs));
        $error = sqrt($left / ($count - 2) / $xx);
        $student = new StudentT($count - 2);
        $interval = static fn (float $share): Interval => new Interval($slope - $error * $student->quantile(0.5 + $share / 2), $slope + $error * $student->quantile(0.5 + $share / 2));

        return new Slope($slope, $interval(self::LEANING), $interval(self::DECIDED), $error > 0 ? $student->cumulative($slope / $error) : ($slope > 0 ? 1.0 : 0.0));
    }

    /**
     * The next level worth a try: beyond the best where it is the last, or between it and the second where they are neighbours; null where the levels are names.
     *
     * @param list<int> $ranked
     */
    private function next(array $ranked): ?float
    {
        $best = $this->levels[$ranked[0] ?? 0]->value;
        $values = array_values(array_filter(array_map(static fn (Level $level): ?float => $level->value, $this->levels), is_float(...)));
        if ($best === null || count($ranked) < 2 || count($values) < count($this->levels)) {
            return null;
        }
        sort($values);
        $place = (int) array_search($best, $values, true);
        $second = (float) $this->levels[$ranked[1]]->value;

        return round(match (true) {
            $place === 0 => $best - ($values[1] - $best),
            $place === count($values) - 1 => $best + ($best - $values[$place - 1]),
            default => ($best + $second) / 2,
        }, 4);
    }

    /** @param list<int> $ranked */
    private function words(array $ranked, ?Contrast $against, Standing $standing, int $more): string
    {
        if ($against === null) {
            return 'Nothing can be said yet: each level has to come out at least once.';
        }
        [$best, $second] = [$this->levels[$ranked[0]]->name, $this->levels[$ranked[1]]->name];
        $chance = sprintf('%.0f %%', 100 * max(0.01, min(0.99, $this->chance($against))));
        $each = sprintf($this->isPaired() ? ($more === 1 ? '%d more dough' : '%d more doughs') : '%d more of each', $more);

        return match ($standing) {
            Standing::Decided => sprintf('%s beats %s (%s), chance %s.', ucfirst($best), $second, $this->gauge->name, $chance),
            Standing::Same => sprintf('Between %s and %s there is no difference that matters (%s).', $best, $second, $this->gauge->name),
            Standing::Leaning => sprintf('%s looks better than %s (%s), chance %s; %s would tell.', ucfirst($best), $second, $this->gauge->name, $chance, $each),
            Standing::Open => sprintf('Nothing can be said yet of %s and %s (%s): %s.', $best, $second, $this->gauge->name, $each),
        };
    }
}
