<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\LinearBelief;
use StoneMill\Measure\Observation;
use StoneMill\Tests\Seeded;

/** Unknown quantities that add up to what was seen. */
final class LinearBeliefTest extends TestCase
{
    public function test_one_thing_seen_once_by_hand(): void
    {
        // Prior 10, seen at 20 ± 10: halfway, and as surely as two of ten, 10 / √2. One alone pulls on itself a little less than whole:
        // it is off by 10, weight 5 / (4 + 1) = 1, and so it stays.
        $said = (new LinearBelief([new Observation(['a' => 1.0], 20, 10)], static fn (): float => 10.0))->of(['a' => 1.0]);
        self::assertEqualsWithDelta(10.0, $said->mean, 1e-9);
        self::assertEqualsWithDelta(10 / sqrt(2), $said->deviation, 1e-9);
    }

    public function test_of_what_nothing_was_seen_the_prior_holds(): void
    {
        $belief = new LinearBelief([new Observation(['a' => 1.0], 5, 1)], static fn (): float => 3.0);
        self::assertSame([0.0, 3.0], [$belief->of(['b' => 1.0])->mean, $belief->of(['b' => 1.0])->deviation]);
        self::assertSame([0.0, 6.0], [(new LinearBelief([], static fn (): float => 3.0))->of(['b' => 2.0])->mean, (new LinearBelief([], static fn (): float => 3.0))->of(['b' => 2.0])->deviation]);
    }

    public function test_conditioning_at_once_is_conditioning_one_after_the_other(): void
    {
        // A second way to the same answer: Kalman's, one observation after another, with the weights that the belief itself ends with.
        $seeded = new Seeded(77);
        for ($case = 0; $case < 60; $case++) {
            $names = array_slice(['a', 'b', 'c', 'd'], 0, $seeded->int(2, 4));
            $observations = [];
            for ($seen = 0; $seen < $seeded->int(3, 9); $seen++) {
                $terms = [];
                foreach ($names as $name) {
                    if ($seeded->int(0, 1) === 1) {
                        $terms[$name] = $seeded->between(-1, 2);
                    }
                }
                // Near zero: then no observation is an outlier and every weight is about the same, 5/4.
                $observations[] = new Observation($terms === [] ? ['a' => 1.0] : $terms, 0.0, $seeded->between(0.5, 3));
            }
            $belief = new LinearBelief($observations, static fn (): float => 2.0);
            $covariance = [];
            foreach ($names as $one) {
                foreach ($names as $other) {
                    $covariance[$one][$other] = $one === $other ? 4.0 : 0.0;
                }
            }
            foreach ($observations as $observation) {
                $covariance = self::afterOne($covariance, $observation->terms, $observation->deviation ** 2 * 4 / 5);
            }
            foreach ($names as $name) {
                if (array_filter($observations, static fn (Observation $one): bool => isset($one->terms[$name])) !== []) {
                    self::assertEqualsWithDelta(sqrt($covariance[$name][$name]), $belief->of([$name => 1.0])->deviation, 1e-9);
                }
            }
        }
    }

    public function test_what_was_seen_long_ago_is_less_sure(): void
    {
        $seen = static fn (int $day): LinearBelief => new LinearBelief([new Observation(['a' => 1.0], 4, 1, $day, 2.0), new Observation(['b' => 1.0], 0, 1, 400, 2.0)], static fn (): float => 5.0);
        self::assertGreaterThan($seen(400)->of(['a' => 1.0])->deviation, $seen(100)->of(['a' => 1.0])->deviation);
    }

    /**
     * @param array<string, array<string, float>> $covariance
     * @param array<string, float> $terms
     * @return array<string, array<string, float>>
     */
    private static function afterOne(array $covariance, array $terms, float $variance): array
    {
        $gain = [];
        foreach ($covariance as $name => $row) {
            $gain[$name] = array_sum(array_map(static fn (string $term): float => $terms[$term] * $row[$term], array_keys($terms)));
        }
        $whole = $variance + array_sum(array_map(static fn (string $term): float => $terms[$term] * $gain[$term], array_keys($terms)));
        foreach ($covariance as $one => $row) {
            foreach ($row as $other => $value) {
                $covariance[$one][$other] = $value - $gain[$one] * $gain[$other] / $whole;
            }
        }

        return $covariance;
    }
}
