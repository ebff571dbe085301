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
        yield [10, 3.813];
        yield [11, 3.924];
        yield [12, 4.030];
        yield [13, 4.236];
        yield [14, 4.328];
        yield [15, 4.521];
        yield [16, 4.615];
        yield [17, 4.792];
        yield [19, 4.864];
    }

    #[DataProvider('publishedOptima')]
    public function test_a_round_griddle_takes_as_many_as_the_published_optimum(int $discs, float $ratio): void
    {
        // Published to three decimals from ten on; half of the last one is what rounding may have taken.
        $dust = $discs < 10 ? 1e-5 : 2e-4;
        self::assertGreaterThanOrEqual($discs, count(Packing::onRound(100 * $ratio * (1 + $dust), 100, 0)->places));
        // Six and seven fit at the same ratio, and so do eighteen and nineteen.
        if ($discs > 1 && $discs !== 6 && $discs !== 7) {
            self::assertCount($discs === 19 ? 17 : $discs - 1, Packing::onRound(100 * $ratio * (1 - 3 * $dust), 100, 0)->places);
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

    public function test_rows_on_a_rectangle_are_laid_as_is_best_for_its_sides(): void
    {
        $fit = static fn (float $width, float $depth): int => count(Packing::onRectangle($width, $depth, 100, 0)->places);
        // 300 × 300: three rows of three in line; staggered would be 3 + 2 + 3.
        self::assertSame(9, $fit(300, 300));
        // 250 × 450: in line two by four; staggered by half, five rows of two at 86.6 mm.
        self::assertSame(10, $fit(250, 450));
        // 230 × 482: 30 mm to spare bring rows to √(100² − 30²) = 95.4 mm, of which 4.004 fit besides the first.
        self::assertSame(10, $fit(230, 482));
        // Turned round it is the same.
        foreach ([[250, 450], [230, 482], [540, 360], [610, 333]] as [$width, $depth]) {
            self::assertSame($fit($width, $depth), $fit($depth, $width));
        }
        self::assertSame(1, $fit(100, 100));
        self::assertSame(0, $fit(99, 400));
    }

    public function test_a_larger_griddle_never_takes_fewer(): void
    {
        $round = 0;
        for ($plate = 100; $plate <= 900; $plate += 3) {
            $count = count(Packing::onRound($plate, 95, 6)->places);
            self::assertGreaterThanOrEqual($round, $count);
            $round = $count;
        }
        self::assertSame(19, $round);
        foreach ([120, 260, 333] as $depth) {
            $rectangle = 0;
            for ($width = 100; $width <= 800; $width += 4) {
                $count = count(Packing::onRectangle($width, $depth, 95, 6)->places);
                self::assertGreaterThanOrEqual($rectangle, $count, "$width × $depth");
                $rectangle = $count;
            }
        }
    }

    public function test_no_mixture_of_rows_does_worse_than_rows_in_line(): void
    {
        $seeded = new Seeded(62);
        for ($case = 0; $case < 300; $case++) {
            [$width, $depth, $disc] = [$seeded->between(200, 700), $seeded->between(200, 500), $seeded->between(70, 160)];
            $inLine = (int) (1 + floor(($width - $disc) / ($disc + 8))) * (int) (1 + floor(($depth - $disc) / ($disc + 8)));
            self::assertGreaterThanOrEqual(min(48, $inLine), count(Packing::onRectangle($width, $depth, $disc, 8)->places));
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
