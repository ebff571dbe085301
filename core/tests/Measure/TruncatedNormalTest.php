<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\TruncatedNormal;
use StoneMill\Tests\Seeded;

final class TruncatedNormalTest extends TestCase
{
    public function test_mean_deviation_and_quantiles_are_those_of_the_sum_over_fine_steps(): void
    {
        $seeded = new Seeded(2);
        for ($case = 0; $case < 60; $case++) {
            [$centre, $width, $low] = [$seeded->between(-5, 5), $seeded->between(0.3, 3), $seeded->between(-6, 4)];
            $high = $low + $seeded->between(0.5, 6);
            if ($low > $centre + 5 * $width || $high < $centre - 5 * $width) {
                // Out there it is taken as lying at the limit, which the next test shows.
                continue;
            }
            $belief = new TruncatedNormal($centre, $width, $low, $high);
            [$mean, $deviation, $tenth] = self::summed($centre, $width, $low, $high);
            self::assertEqualsWithDelta($mean, $belief->mean, 2e-4);
            self::assertEqualsWithDelta($deviation, $belief->deviation, 2e-3);
            self::assertEqualsWithDelta($tenth, $belief->quantile(0.1), 2e-3);
        }
    }

    public function test_far_limits_leave_the_normal_as_it_is_and_near_ones_leave_nothing_but_themselves(): void
    {
        $free = new TruncatedNormal(300, 20, 0, 900);
        self::assertEqualsWithDelta([300, 20, 300 - 20 * 1.2815515655], [$free->mean, $free->deviation, $free->quantile(0.1)], 1e-3);
        $narrow = new TruncatedNormal(300, 20, 310, 312);
        self::assertEqualsWithDelta(311, $narrow->mean, 0.1);
        self::assertEqualsWithDelta(2 / sqrt(12), $narrow->deviation, 0.01);
        $off = new TruncatedNormal(300, 2, 400, 420);
        self::assertSame([400.0, 0.0, 400.0], [$off->mean, $off->deviation, $off->quantile(0.1)]);
    }

    public function test_it_never_leaves_its_limits_and_never_falls_as_its_centre_rises(): void
    {
        $before = -INF;
        for ($centre = 0.0; $centre < 200; $centre += 0.5) {
            $mean = (new TruncatedNormal($centre, 11, 80, 130))->mean;
            self::assertGreaterThanOrEqual(max(80.0, $before), $mean + 1e-9);
            self::assertLessThanOrEqual(130, $mean);
            $before = $mean;
        }
        $this->expectException(OutOfRange::class);
        new TruncatedNormal(0, 1, 3, 2);
    }

    /** @return array{float, float, float} mean, deviation and the 10 % quantile by adding up 40,000 steps */
    private static function summed(float $centre, float $width, float $low, float $high): array
    {
        $steps = 40_000;
        $weights = $values = [];
        for ($step = 0; $step < $steps; $step++) {
            $values[] = $x = $low + ($step + 0.5) * ($high - $low) / $steps;
            $weights[] = exp(-(($x - $centre) / $width) ** 2 / 2);
        }
        $total = array_sum($weights);
        $mean = $square = $sum = 0.0;
        $tenth = $low;
        foreach ($values as $index => $x) {
            $mean += $x * $weights[$index] / $total;
            $sum += $weights[$index] / $total;
            $tenth = $sum <= 0.1 ? $x : $tenth;
        }
        foreach ($values as $index => $x) {
            $square += ($x - $mean) ** 2 * $weights[$index] / $total;
        }

        return [$mean, sqrt($square), $tenth];
    }
}
