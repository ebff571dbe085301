<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Dough\FeelGrade;
use StoneMill\Measure\Cholesky;
use StoneMill\Pantry\LearnedWater;

/**
 * What all batches of a kitchen say of the water that its flours, bags and cooks take. A lesson is
 *
 *   points = Σ share · (flour + bag) + cook + noise
 *
 * with normal priors about zero, worked out at once (Gaussian conditioning, Cholesky), so that a new bag inherits what its flour
 * taught and two flours in one dough share what they cannot tell apart. Outliers lose their weight in three rounds of Student's t with four
 * degrees of freedom. A bag changes as it ages: what it said m months ago is less sure by m points. docs/model.md has the derivation.
 */
final readonly class WaterRecord
{
    /** Standard deviations in points: of a flour in this kitchen about its catalogue and practice, of a bag about its flour, of a hand, of a batch. Planning estimates. */
    private const FLOUR = 8.0;

    private const BAG = 3.0;

    private const COOK = 2.0;

    private const NOISE = 2.0;

    private const FREEDOM = 4.0;

    private const ROUNDS = 3;

    private const DAYS_IN_MONTH = 30.44;

    private const DRIFT_POINTS_A_MONTH = 1.0;

    /** @var array<string, int> place of each unknown */
    private array $places;

    /** @var list<float> */
    private array $means;

    private Cholesky $precision;

    /** @param list<WaterLesson> $lessons in the order in which they were learned */
    public function __construct(private array $lessons)
    {
        $this->places = self::places($lessons);
        $latest = $lessons === [] ? 0 : max(array_map(static fn (WaterLesson $lesson): int => $lesson->day, $lessons));
        $variances = array_map(static fn (WaterLesson $lesson): float => $lesson->deviation ** 2 + self::NOISE ** 2 + (self::DRIFT_POINTS_A_MONTH * ($latest - $lesson->day) / self::DAYS_IN_MONTH) ** 2, $lessons);
        $weights = array_fill(0, count($lessons), 1.0);
        [$precision, $means] = $this->conditioned($variances, $weights);
        for ($round = 0; $round < self::ROUNDS && $lessons !== []; $round++) {
            foreach ($lessons as $index => $lesson) {
                $off = $lesson->points - $this->said($lesson, $means);
                $weights[$index] = (self::FREEDOM + 1) / (self::FREEDOM + $off ** 2 / $variances[$index]);
            }
            [$precision, $means] = $this->conditioned($variances, $weights);
        }
        [$this->precision, $this->means] = [$precision, $means];
    }

    /** What is known of a bag; null where neither it nor its flour was ever in a dough that was felt. */
    public function bag(string $flour, string $bag): ?LearnedWater
    {
        $own = $this->batches(static fn (array $part): bool => $part['bag'] === $bag);
        $kind = $this->batches(static fn (array $part): bool => $part['flour'] === $flour);
        if ($kind === 0) {
            return null;
        }
        $direction = array_fill(0, count($this->places), 0.0);
        $direction[$this->places["flour $flour"]] = 1.0;
        $strange = 0.0;
        if ($own > 0) {
            $direction[$this->places["bag $bag"]] = 1.0;
        } else {
            $strange = self::BAG ** 2;
        }
        $points = 0.0;
        foreach ($direction as $place => $share) {
            $points += $share * $this->means[$place];
        }
        $deviation = sqrt($this->precision->variance(array_values($direction)) + $strange + self::NOISE ** 2);
        $most = LearnedWater::MOST_POINTS;

        return new LearnedWater(max(-$most, min($most, $points)), min(LearnedWater::MOST_DEVIATION, $deviation), $own);
    }

    /**
     * A bag as it became known: what each of its batches said, and what was known after it.
     *
     * @return list<array{points: float, deviation: float, known: LearnedWater}>
     */
    public function settling(string $flour, string $bag): array
    {
        $steps = [];
        foreach ($this->lessons as $index => $lesson) {
            if (! in_array($bag, array_column($lesson->parts, 'bag'), true)) {
                continue;
            }
            $known = (new self(array_slice($this->lessons, 0, $index + 1)))->bag($flour, $bag);
            if ($known !== null) {
                $steps[] = ['points' => $lesson->points, 'deviation' => hypot($lesson->deviation, self::NOISE), 'known' => $known];
            }
        }

        return $steps;
    }

    /** How many more batches that were felt ready make what is known of the bag twice as sure: a quarter of its variance. */
    public function batchesUntilHalf(LearnedWater $known): int
    {
        $own = max(1e-6, $known->deviation ** 2 - self::NOISE ** 2);
        $ofOne = FeelGrade::Ready->deviationPoints() ** 2 + self::NOISE ** 2;

        return (int) ceil(3 * $ofOne / $own);
    }

    /** @param callable(array{flour: string, bag: string|null, share: float}): bool $counts */
    private function batches(callable $counts): int
    {
        return count(array_filter($this->lessons, static fn (WaterLesson $lesson): bool => array_filter($lesson->parts, $counts) !== []));
    }

    /**
     * @param list<WaterLesson> $lessons
     * @return array<string, int>
     */
    private static function places(array $lessons): array
    {
        $places = [];
        foreach ($lessons as $lesson) {
            foreach (self::terms($lesson) as $name => $_) {
                $places[$name] ??= count($places);
            }
        }

        return $places;
    }

    /** @return array<string, float> what of a lesson goes with which unknown */
    private static function terms(WaterLesson $lesson): array
    {
        $terms = [];
        foreach ($lesson->parts as $part) {
            $terms["flour {$part['flour']}"] = ($terms["flour {$part['flour']}"] ?? 0.0) + $part['share'];
            if ($part['bag'] !== null) {
                $terms["bag {$part['bag']}"] = ($terms["bag {$part['bag']}"] ?? 0.0) + $part['share'];
            }
        }
        if ($lesson->cook !== null) {
            $terms["cook {$lesson->cook}"] = 1.0;
        }

        return $terms;
    }

    /**
     * @param list<float> $variances
     * @param array<int, float> $weights
     * @return array{Cholesky, list<float>} the precision of the unknowns, and their means
     */
    private function conditioned(array $variances, array $weights): array
    {
        $size = count($this->places);
        /** @var array<int, array<int, float>> $matrix */
        $matrix = array_fill(0, $size, array_fill(0, $size, 0.0));
        $right = array_fill(0, $size, 0.0);
        foreach ($this->places as $name => $place) {
            $matrix[$place][$place] = 1 / self::prior($name) ** 2;
        }
        foreach ($this->lessons as $index => $lesson) {
            $weight = $weights[$index] / $variances[$index];
            $terms = self::terms($lesson);
            foreach ($terms as $one => $share) {
                $row = $this->places[$one];
                $right[$row] += $weight * $share * $lesson->points;
                foreach ($terms as $other => $also) {
                    $matrix[$row][$this->places[$other]] += $weight * $share * $also;
                }
            }
        }
        $precision = Cholesky::of(array_values(array_map(static fn (array $row): array => array_values($row), $matrix)));

        return [$precision, $precision->solve(array_values($right))];
    }

    private static function prior(string $name): float
    {
        return match (strtok($name, ' ')) {
            'flour' => self::FLOUR,
            'bag' => self::BAG,
            default => self::COOK,
        };
    }

    /** @param list<float> $means */
    private function said(WaterLesson $lesson, array $means): float
    {
        $points = 0.0;
        foreach (self::terms($lesson) as $name => $share) {
            $points += $share * $means[$this->places[$name]];
        }

        return $points;
    }
}
