<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Shape\Batter;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Pan;
use StoneMill\Shape\Wedges;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class BatterTest extends TestCase
{
    public function test_pans_hold_what_their_shapes_hold(): void
    {
        // Straight: π · 12² · 0.5 = 226.2 mL. Rectangle: 30 · 20 · 0.5 = 300 mL.
        self::assertEqualsWithDelta(226.2, Pan::round(240, 240, 40)->millilitresTo(5), 0.05);
        self::assertEqualsWithDelta(300, Pan::rectangle(300, 200, 40)->millilitresTo(5), 1e-9);
        // Sloped from 12 to 14 cm radius over 4 cm, filled to the rim: π · 4 / 3 · (144 + 168 + 196) = 2127.9 mL.
        self::assertEqualsWithDelta(2127.9, Pan::round(240, 280, 40)->millilitresTo(40), 0.1);
    }

    public function test_depth_and_volume_undo_each_other_in_any_pan(): void
    {
        $seeded = new Seeded(31);
        for ($case = 0; $case < 300; $case++) {
            $base = $seeded->between(80, 400);
            $pan = $seeded->int(0, 2) === 0 ? Pan::rectangle($base, $seeded->between(80, 400), 50) : Pan::round($base, $base * $seeded->between(1, 1.6), $seeded->between(15, 80));
            $depth = $seeded->between(0.5, 40);
            self::assertEqualsWithDelta($depth, $pan->depthOf($pan->millilitresTo($depth)), 1e-6);
        }
    }

    public function test_pours_are_equal_and_use_up_the_batter(): void
    {
        $seeded = new Seeded(33);
        for ($case = 0; $case < 100; $case++) {
            $grams = $seeded->between(100, 3000);
            $answer = (new Batter($grams, 1.08))->poured(Pan::round(220, 250, 40), $seeded->between(2, 8), 1.0, null);
            self::assertCount($answer->rounds, $answer->marks);
            self::assertSame(0.0, $answer->marks[count($answer->marks) - 1]);
            self::assertEqualsWithDelta($grams, $answer->rounds * $answer->pourGrams, 0.06 * $answer->rounds);
        }
    }

    public function test_a_larger_pan_makes_a_thinner_bread_that_is_done_sooner(): void
    {
        $other = (new Batter(500, 1.1))->poured(Pan::round(240, 240, 40), 4, 1.0, Pan::round(300, 300, 40))->inAnother;
        self::assertNotNull($other);
        // Same pour: depth goes with (240/300)² = 0.64 of what it was; the same depth takes 1 / 0.64 as much.
        self::assertEqualsWithDelta(0.64 ** 1.5, $other->samePourTimes, 0.01);
        self::assertLessThan(4, $other->samePourDepthMillimetres);
        self::assertFalse($other->overflows);
    }

    public function test_a_pour_over_the_rim_is_said(): void
    {
        self::assertTrue((new Batter(3000, 1.1))->poured(Pan::round(200, 200, 10), 90, 1.0, null)->overflows);
    }

    public function test_wedges_are_the_round_shared_out(): void
    {
        // 24 cm across, 5 mm, 1.2 g/mL: π · 12² · 0.5 · 1.2 = 271.4 g; a quarter is 67.9 g, its rim π · 24 / 4 = 18.85 cm.
        $wedges = new Wedges(Disc::ofDiameterAndThickness(240, 5, 1.2), 4);
        self::assertEqualsWithDelta([67.9, 90.0, 120.0, 188.5], [$wedges->grams(), $wedges->angleDegrees(), $wedges->sideMillimetres(), $wedges->rimMillimetres()], 0.05);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'a rim narrower than the base' => [['batter' => ['pan' => ['shape' => 'round', 'base_mm' => 240, 'rim_mm' => 200]]], 'batter.pan.rim_mm'];
        yield 'a pan without a size' => [['batter' => ['pan' => ['shape' => 'rectangle', 'width_mm' => 300]]], 'batter.pan.depth_mm'];
        yield 'thirteen wedges' => [['wedges' => ['pan_mm' => 240, 'count' => 13]], 'wedges.count'];
        yield 'a cutter wider than the board' => [['cut' => ['cutter_mm' => 500, 'board_mm' => 300]], 'cut.cutter_mm'];
        yield 'all filling' => [['stuffed' => ['filling_percent' => 900]], 'stuffed.filling_percent'];
        yield 'a sheet of lace' => [['sheet' => ['width_mm' => 300, 'depth_mm' => 2]], 'sheet.depth_mm'];
        yield 'something else' => [['knot' => []], 'knot'];
    }

    /** @param array<string, mixed> $question */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_place(array $question, string $path): void
    {
        try {
            Bench::ask('shape', ['request' => ['style' => 'chickpea-pan-bread'], ...$question]);
            self::fail('Nonsense was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }
}
