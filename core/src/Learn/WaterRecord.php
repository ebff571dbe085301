<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Dough\FeelGrade;
use StoneMill\Measure\Learned;
use StoneMill\Measure\LinearBelief;
use StoneMill\Measure\Observation;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\LearnedWater;
use StoneMill\Plan\Known;

/**
 * What all batches of a kitchen say of the water that its flours, bags and cooks take. A lesson is
 *
 *   points = Σ share · (flour + bag) + cook + swollen · heat + noise
 *
 * with normal priors about zero, worked out at once, so that a new bag inherits what its flour taught and two flours in one dough
 * share what they cannot tell apart. A bag changes as it ages: what it said m months ago is less sure by m points. docs/model.md has the derivation.
 */
final readonly class WaterRecord
{
    /** Standard deviations in points: of a flour in this kitchen about its catalogue and practice, of a bag about its flour, of a hand, of a batch. Planning estimates. */
    private const FLOUR = 8.0;

    private const BAG = 3.0;

    private const COOK = 2.0;

    /** Of a dough whose starch heat has swollen whole, beside what the ledger says of it. */
    private const HEAT = 4.0;

    private const NOISE = 2.0;

    private const DRIFT_POINTS_A_MONTH = 1.0;

    /** Batches of a bag that are shown one by one. */
    private const SHOWN = 24;

    private const USUAL_OF = 5;

    private const HEAT_NAME = 'heat';

    private LinearBelief $belief;

    /**
     * @param list<WaterLesson> $lessons in the order in which they were learned
     * @param list<string> $anew bags from another mill: they neither go by what their flour taught nor teach it
     */
    public function __construct(private array $lessons, private array $anew = [])
    {
        $this->belief = new LinearBelief(array_map($this->observed(...), $lessons), self::prior(...));
    }

    /** Points within which a bag's next dough lies beside its kind, eight times in ten, before anything is known of it. */
    public static function kindReach(): float
    {
        return Spread::DECILE_DEVIATIONS * sqrt(self::FLOUR ** 2 + self::BAG ** 2 + self::NOISE ** 2);
    }

    /** What is known of a bag; null where neither it nor its flour was ever in a dough that was felt. */
    public function bag(string $flour, string $bag): ?LearnedWater
    {
        $own = $this->batches(static fn (array $part): bool => $part['bag'] === $bag);
        $kind = $this->batches(fn (array $part): bool => $this->flour($part['flour'], $part['bag']) === $this->flour($flour, $bag));
        if ($kind === 0) {
            return null;
        }
        // Where one hand felt every dough, bag and hand cannot be told apart, and need not be.
        $hands = $this->cooks();
        $said = $this->belief->of([$this->flour($flour, $bag) => 1.0, "bag $bag" => 1.0, ...(count($hands) === 1 ? ["cook {$hands[0]}" => 1.0] : [])]);
        $deviation = hypot($said->deviation, self::NOISE);
        $most = LearnedWater::MOST_POINTS;

        return new LearnedWater(max(-$most, min($most, $said->mean)), min(LearnedWater::MOST_DEVIATION, $deviation), $own);
    }

    /** By how many points a cook calls dough ready wetter than others; null where that cook felt none, or nobody else did. */
    public function cook(string $cook): ?Learned
    {
        $batches = count(array_filter($this->lessons, static fn (WaterLesson $lesson): bool => $lesson->cook === $cook));
        $said = $this->belief->of(["cook $cook" => 1.0]);

        return $batches === 0 || count($this->cooks()) < 2 ? null : new Learned($said->mean, $said->deviation, $batches);
    }

    /** By how many points a dough whose starch heat has swollen whole takes more than is worked out; null where none was ever felt. */
    public function heat(): ?Learned
    {
        $batches = count(array_filter($this->lessons, static fn (WaterLesson $lesson): bool => $lesson->swollen >= Known::LEAST_SWOLLEN));
        $said = $this->belief->of([self::HEAT_NAME => 1.0]);

        return $batches === 0 ? null : new Learned($said->mean, $said->deviation, $batches);
    }

    /**
     * A bag as it became known: what each of its latest batches said, and what was known after it by the doughs of its flour.
     *
     * @return list<array{points: float, deviation: float, known: LearnedWater}>
     */
    public function settling(string $flour, string $bag): array
    {
        $kind = array_values(array_filter($this->lessons, static fn (WaterLesson $lesson): bool => in_array($flour, array_column($lesson->parts, 'flour'), true)));
        $own = array_keys(array_filter($kind, static fn (WaterLesson $lesson): bool => in_array($bag, array_column($lesson->parts, 'bag'), true)));
        $steps = [];
        $last = $own === [] ? null : $own[count($own) - 1];
        foreach (array_slice($own, -self::SHOWN) as $index) {
            // By now other flours have had their say too.
            $known = $index === $last ? $this->bag($flour, $bag) : (new self(array_slice($kind, 0, $index + 1), $this->anew))->bag($flour, $bag);
            if ($known !== null) {
                $steps[] = ['points' => $kind[$index]->points, 'deviation' => hypot($kind[$index]->deviation, self::NOISE), 'known' => $known];
            }
        }

        return $steps;
    }

    /** @return list<string> who felt a dough */
    public function cooks(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (WaterLesson $lesson): ?string => $lesson->cook, $this->lessons), is_string(...))));
    }

    /** Grams of a bag that its latest doughs took: the median of five; 0 where that is not known. */
    public function usualGrams(string $bag): float
    {
        $grams = [];
        foreach ($this->lessons as $lesson) {
            foreach ($lesson->parts as $part) {
                if ($part['bag'] === $bag && $lesson->flourGrams > 0) {
                    $grams[] = $part['share'] * $lesson->flourGrams;
                }
            }
        }
        $latest = array_slice($grams, -self::USUAL_OF);
        sort($latest);

        return $latest === [] ? 0.0 : $latest[intdiv(count($latest), 2)];
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

    /** What of a lesson goes with which unknown. */
    private function observed(WaterLesson $lesson): Observation
    {
        $terms = [];
        foreach ($lesson->parts as $part) {
            $flour = $this->flour($part['flour'], $part['bag']);
            $terms[$flour] = ($terms[$flour] ?? 0.0) + $part['share'];
            if ($part['bag'] !== null) {
                $terms["bag {$part['bag']}"] = ($terms["bag {$part['bag']}"] ?? 0.0) + $part['share'];
            }
        }
        if ($lesson->swollen > 0) {
            $terms[self::HEAT_NAME] = $lesson->swollen;
        }
        if ($lesson->cook !== null) {
            $terms["cook {$lesson->cook}"] = 1.0;
        }

        return new Observation($terms, $lesson->points, hypot($lesson->deviation, self::NOISE), $lesson->day, self::DRIFT_POINTS_A_MONTH);
    }

    /** The name of a flour as an unknown; one from another mill is another flour. */
    private function flour(string $flour, ?string $bag): string
    {
        return $bag !== null && in_array($bag, $this->anew, true) ? "flour $flour of $bag" : "flour $flour";
    }

    private static function prior(string $name): float
    {
        return match (strtok($name, ' ')) {
            'flour' => self::FLOUR,
            'bag' => self::BAG,
            self::HEAT_NAME => self::HEAT,
            default => self::COOK,
        };
    }
}
