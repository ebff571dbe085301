<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Shape\Stuffed;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class StuffedTest extends TestCase
{
    public function test_a_hand_worked_one(): void
    {
        $stuffed = Stuffed::of(60, 30, 8, 1.2, 1.0, 1.0);
        // 50 mL dough and 30 mL filling, 8 mm thick: √(4 · 80 / (π · 0.8)) = 11.28 cm.
        self::assertEqualsWithDelta(112.8, $stuffed->diameterMillimetres(), 0.1);
        // Ball of 30 mL: (90 / 4π)^(1/3) = 1.928 cm; opened to 2π · 1.928 · 1.12 = 13.57 cm.
        self::assertEqualsWithDelta(19.28, $stuffed->fillingRadiusMillimetres(), 0.02);
        self::assertEqualsWithDelta(135.7, $stuffed->openingMillimetres(), 0.2);
        // 60 g over that disc: 4 · 60 / (π · 13.57² · 1.2) = 0.346 cm.
        self::assertEqualsWithDelta(3.46, $stuffed->openingThicknessMillimetres(), 0.02);
        // Flat walls: 0.88 · 50/80 · 8 = 4.4 mm, of which the smooth side has 42 %.
        self::assertEqualsWithDelta(1.848, $stuffed->walls()['smooth'], 0.001);
        self::assertEqualsWithDelta(2.552, $stuffed->walls()['folded'], 0.001);
        self::assertSame(50.0, $stuffed->fillingPercent());
    }

    public function test_no_dough_is_lost_in_the_walls(): void
    {
        $seeded = new Seeded(2);
        for ($case = 0; $case < 300; $case++) {
            $dough = $seeded->between(20, 150);
            $thickness = $seeded->between(4, 20);
            $stuffed = Stuffed::of($dough, $seeded->between(5, $dough), $thickness, $seeded->between(1, 1.25), $seeded->between(0.5, 1.3), $seeded->between(0.4, 2.5));
            $walls = $stuffed->walls();
            $radius = $stuffed->diameterMillimetres() / 2;
            $flat = ($walls['smooth'] + $walls['folded']) * M_PI * $radius ** 2;
            $rim = M_PI * ($radius ** 2 - ($radius - $walls['rim']) ** 2) * $thickness;
            $all = M_PI * $radius ** 2 * $thickness;
            self::assertLessThan($all, $flat + $rim);
            self::assertGreaterThan(0, min($walls));
        }
    }

    public function test_the_most_filling_is_where_the_smooth_side_just_holds(): void
    {
        $seeded = new Seeded(12);
        for ($case = 0; $case < 200; $case++) {
            $dough = $seeded->between(40, 120);
            $thickness = $seeded->between(6, 14);
            $binding = $seeded->between(0.5, 2);
            $most = Stuffed::of($dough, 10, $thickness, 1.1, 1.0, $binding)->mostFillingGrams();
            if ($most < 1 || $most > 3 * $dough) {
                continue;
            }
            $just = Stuffed::of($dough, $most, $thickness, 1.1, 1.0, $binding);
            self::assertEqualsWithDelta($just->leastWallMillimetres(), $just->walls()['smooth'], 1e-6);
            self::assertFalse(Stuffed::of($dough, min(3 * $dough, 1.05 * $most), $thickness, 1.1, 1.0, $binding)->holds());
        }
    }

    public function test_more_filling_thinner_or_less_binding_never_makes_it_hold(): void
    {
        $burst = Stuffed::of(60, 50, 6, 1.2, 1.0, 0.8);
        self::assertFalse($burst->holds());
        self::assertStringContainsString('will burst', $burst->inWords());
        self::assertFalse(Stuffed::of(60, 60, 6, 1.2, 1.0, 0.8)->holds());
        self::assertFalse(Stuffed::of(60, 50, 5, 1.2, 1.0, 0.8)->holds());
        self::assertFalse(Stuffed::of(60, 50, 6, 1.2, 1.0, 0.6)->holds());
        self::assertTrue(Stuffed::of(60, 20, 9, 1.2, 1.0, 1.2)->holds());
    }

    public function test_amaranth_takes_what_its_style_says_of_filling(): void
    {
        $answer = Bench::ask('shape', ['request' => ['style' => 'amaranth-round'], 'stuffed' => ['filling_percent' => 50, 'thickness_mm' => 8]]);
        self::assertIsArray($answer['stuffed']);
        self::assertTrue($answer['stuffed']['holds']);
    }

    public function test_more_filling_than_three_times_the_dough_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Stuffed::of(20, 70, 8, 1.2, 1.0, 1.0);
    }
}
