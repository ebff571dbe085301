<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Shape\Packing;
use StoneMill\Tests\Seeded;

final class PackingTest extends TestCase
{
    /** @return iterable<array{int, float}> discs and the published least ratio of the radii */
    public static function publishedOptima(): iterable
    {
        yield [1, 1.0];
        yield [2, 2.0];
        yield [3, 2.154701];
        yield [4, 2.414214];
        yield [5, 2.701302];
        yield [6, 3.0];
        yield [7, 3.0];
        yield [8, 3.304765];
        yield [9, 3.613126];
    }

    #[DataProvider('publishedOptima')]
    public function test_a_round_griddle_takes_as_many_as_the_published_optimum(int $discs, float $ratio): void
    {
        self::assertGreaterThanOrEqual($discs, count(Packing::onRound(100 * $ratio * 1.00001, 100, 0)->places));
        if ($discs > 1 && $discs !== 6 && $discs !== 7) {
            self::assertCount($discs - 1, Packing::onRound(100 * $ratio * 0.9999, 100, 0)->places);
        }
    }

    public function test_no_two_discs_overlap_and_none_hangs_over_the_rim(): void
    {
        $seeded = new Seeded(61);
        for ($case = 0; $case < 300; $case++) {
            $plate = $seeded->between(150, 700);
            $disc = $seeded->between(80, 240);
            $this->assertApart(Packing::onRound($plate, $disc, 8)->places, $disc);
            foreach (Packing::onRound($plate, $disc, 8)->places as ['x' => $x, 'y' => $y]) {
                self::assertLessThanOrEqual($plate / 2 + 0.01, hypot($x, $y) + $disc / 2);
            }
            $depth = $seeded->between(150, 500);
            $this->assertApart(Packing::onRectangle($plate, $depth, $disc, 8)->places, $disc);
            foreach (Packing::onRectangle($plate, $depth, $disc, 8)->places as ['x' => $x, 'y' => $y]) {
                self::assertLessThanOrEqual($plate / 2 + 0.01, abs($x) + $disc / 2);
                self::assertLessThanOrEqual($depth / 2 + 0.01, abs($y) + $disc / 2);
            }
        }
    }

    /** @param list<array{x: float, y: float}> $places */
    private function assertApart(array $places, float $disc): void
    {
        foreach ($places as $index => $place) {
            foreach (array_slice($places, $index + 1) as $other) {
                self::assertGreaterThanOrEqual($disc - 0.01, hypot($place['x'] - $other['x'], $place['y'] - $other['y']));
            }
        }
    }
}
