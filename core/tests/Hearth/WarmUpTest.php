<?php

declare(strict_types=1);

namespace StoneMill\Tests\Hearth;

use PHPUnit\Framework\TestCase;
use StoneMill\Hearth\Exception\TooFewReadings;
use StoneMill\Hearth\WarmUp;
use StoneMill\Tests\Seeded;

final class WarmUpTest extends TestCase
{
    public function test_exact_readings_give_back_the_griddle_they_came_from(): void
    {
        $seeded = new Seeded(3);
        for ($case = 0; $case < 60; $case++) {
            $final = $seeded->between(150, 300);
            $constant = $seeded->between(60, 600);
            $warmUp = WarmUp::fitted(self::readings($final, 20, $constant, 0.0, $seeded));
            self::assertEqualsWithDelta($final, $warmUp->finalCelsius, 0.5);
            self::assertEqualsWithDelta($constant, $warmUp->timeConstantSeconds, 0.01 * $constant + 1);
            self::assertEqualsWithDelta(20, $warmUp->startCelsius, 0.5);
        }
    }

    public function test_noisy_readings_come_within_their_own_spread_most_of_the_time(): void
    {
        $seeded = new Seeded(8);
        $within = 0;
        for ($case = 0; $case < 100; $case++) {
            $warmUp = WarmUp::fitted(self::readings(230, 20, 200, 4.0, $seeded));
            $within += abs($warmUp->finalCelsius - 230) <= 3 * $warmUp->finalDeviationCelsius + 2 ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(90, $within);
    }

    public function test_the_time_until_a_heat_and_the_heat_at_a_time_undo_each_other(): void
    {
        $warmUp = WarmUp::fitted(self::readings(230, 20, 200, 0.0, new Seeded(1)));
        foreach ([60.0, 120.0, 200.0, 225.0] as $celsius) {
            $seconds = $warmUp->secondsUntil($celsius);
            self::assertNotNull($seconds);
            self::assertEqualsWithDelta($celsius, $warmUp->at($seconds), 0.01);
        }
        // 63 % of the way after one time constant: 20 + 0.632 · 210 = 152.7.
        self::assertEqualsWithDelta(152.7, $warmUp->at(200), 0.5);
        self::assertNull($warmUp->secondsUntil(260), 'it never gets there');
        self::assertSame(0.0, $warmUp->secondsUntil(10));
    }

    public function test_two_readings_or_a_moment_tell_no_warm_up(): void
    {
        foreach ([[['seconds' => 0.0, 'celsius' => 20.0], ['seconds' => 300.0, 'celsius' => 190.0]], [['seconds' => 1.0, 'celsius' => 20.0], ['seconds' => 2.0, 'celsius' => 21.0], ['seconds' => 3.0, 'celsius' => 22.0]]] as $readings) {
            try {
                WarmUp::fitted($readings);
                self::fail('Too few readings were taken.');
            } catch (TooFewReadings $refusal) {
                self::assertStringContainsString('at least 3 readings', $refusal->getMessage());
            }
        }
    }

    /** @return list<array{seconds: float, celsius: float}> */
    private static function readings(float $final, float $start, float $constant, float $noise, Seeded $seeded): array
    {
        return array_map(static fn (int $step): array => [
            'seconds' => 30.0 * $step,
            'celsius' => $final - ($final - $start) * exp(-30 * $step / $constant) + $seeded->between(-$noise, $noise),
        ], range(0, 24));
    }
}
