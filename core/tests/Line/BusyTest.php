<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use PHPUnit\Framework\TestCase;
use StoneMill\Line\Internal\Busy;
use StoneMill\Tests\Seeded;

/** One pair of hands over an hour: what is taken, what is free, in whatever order it was given out and given back. */
final class BusyTest extends TestCase
{
    private const SECONDS = 3600;

    public function test_hands_are_free_wherever_nothing_was_given_out_however_it_came_about(): void
    {
        $seeded = new Seeded(71);
        for ($case = 0; $case < 60; $case++) {
            $busy = new Busy;
            $taken = [];
            for ($move = 0; $move < 80; $move++) {
                if ($taken !== [] && $seeded->int(0, 3) === 0) {
                    $from = $seeded->one(array_keys($taken));
                    $busy->release((float) $from);
                    unset($taken[$from]);
                } else {
                    $taken += self::tryOne($busy, $taken, $seeded);
                }
            }
            $this->assertTold($busy, $taken, $seeded);
        }
    }

    public function test_the_latest_stretches_hold_the_work_and_lie_in_free_time(): void
    {
        $seeded = new Seeded(72);
        $found = 0;
        for ($case = 0; $case < 300; $case++) {
            [$busy, $taken] = self::someDay($seeded);
            $length = (float) $seeded->int(5, 60);
            $end = (float) $seeded->int(100, self::SECONDS);
            $earliest = $end - $seeded->int(60, 600);
            $stretches = $busy->lastParts($earliest, $end, $length, 4.0, 1.0);
            if ($stretches->parts === []) {
                self::assertGreaterThan(0, $stretches->missing);

                continue;
            }
            $found++;
            $work = 0.0;
            foreach ($stretches->parts as [$from, $until]) {
                self::assertGreaterThanOrEqual($earliest - 1e-6, $from);
                self::assertLessThanOrEqual($end + 1e-6, $until);
                self::assertSame([], self::inTheWay($taken, $from, $until));
                $work += $until - $from;
            }
            // Each time that it is taken up again costs a second.
            self::assertEqualsWithDelta($length + count($stretches->parts) - 1, $work, 1e-6);
        }
        self::assertGreaterThan(200, $found);
    }

    /** @param array<int, int> $taken */
    private function assertTold(Busy $busy, array $taken, Seeded $seeded): void
    {
        self::assertSame((float) ($taken === [] ? 0 : max($taken)), $busy->end());
        for ($question = 0; $question < 40; $question++) {
            $from = $seeded->int(0, self::SECONDS);
            $until = $from + $seeded->int(1, 90);
            $inTheWay = self::inTheWay($taken, $from, $until);
            self::assertSame($inTheWay === [] ? null : (float) max($inTheWay), $busy->blockedUntil($from, $until));
            self::assertSame($inTheWay === [] ? null : (float) min(array_keys($inTheWay)), $busy->blockedFrom($from, $until));
            $length = $seeded->int(1, 40);
            $free = array_filter(range($from, max($from, $until - $length)), static fn (int $start): bool => $start + $length <= $until && self::inTheWay($taken, $start, $start + $length) === []);
            self::assertSame($free === [] ? null : (float) max($free), $busy->lastStart($from, $until, $length));
        }
    }

    /** @return array{Busy, array<int, int>} */
    private static function someDay(Seeded $seeded): array
    {
        $busy = new Busy;
        $taken = [];
        for ($try = 0; $try < 60; $try++) {
            $taken += self::tryOne($busy, $taken, $seeded);
        }

        return [$busy, $taken];
    }

    /**
     * @param array<int, int> $taken
     * @return array<int, int> what was given out: a minute at most, or nothing where something is in the way
     */
    private static function tryOne(Busy $busy, array $taken, Seeded $seeded): array
    {
        $from = $seeded->int(0, self::SECONDS);
        $until = $from + $seeded->int(1, 60);
        if (self::inTheWay($taken, $from, $until) !== []) {
            return [];
        }
        $busy->reserve((float) $from, (float) $until);

        return [$from => $until];
    }

    /**
     * @param array<int, int> $taken
     * @return array<int, int> what of it overlaps
     */
    private static function inTheWay(array $taken, float $from, float $until): array
    {
        return array_filter($taken, static fn (int $end, int $start): bool => $start < $until - 1e-6 && $end > $from + 1e-6, ARRAY_FILTER_USE_BOTH);
    }
}
