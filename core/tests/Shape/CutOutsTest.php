<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Shape\CutOuts;
use StoneMill\Tests\Seeded;

final class CutOutsTest extends TestCase
{
    public function test_one_disc_weighs_what_its_measures_say(): void
    {
        // π/4 · 14² cm² · 0.15 cm · 1.04 g/mL = 24.0 g.
        self::assertEqualsWithDelta(24.01, CutOuts::of(1.04, 1.5, 140, 400, 0)->discGrams(), 0.02);
    }

    public function test_all_dough_is_in_discs_or_left_and_no_disc_lies_over_another_or_the_rim(): void
    {
        $seeded = new Seeded(23);
        for ($case = 0; $case < 150; $case++) {
            $cutter = $seeded->between(60, 220);
            $board = $seeded->between($cutter + 5, 900);
            $dough = $seeded->between(30, 2500);
            $cuts = CutOuts::of($seeded->between(0.95, 1.25), $seeded->between(1, 6), $cutter, $board, 0.0);
            $answer = $cuts->from($dough, 0.5);
            $count = 0;
            foreach ($answer->sheets as $sheet) {
                $count += count($sheet->places);
                self::assertLessThanOrEqual($board + 0.5, max($sheet->widthMillimetres, $sheet->depthMillimetres));
                self::assertCount(count($sheet->places), $sheet->places);
                foreach ($sheet->places as $index => $place) {
                    self::assertGreaterThanOrEqual($cutter / 2 - 0.6, $place['x']);
                    self::assertLessThanOrEqual($sheet->widthMillimetres - $cutter / 2 + 0.6, $place['x']);
                    self::assertGreaterThanOrEqual($cutter / 2 - 0.6, $place['y']);
                    self::assertLessThanOrEqual($sheet->depthMillimetres - $cutter / 2 + 0.6, $place['y']);
                    foreach (array_slice($sheet->places, $index + 1) as $other) {
                        self::assertGreaterThanOrEqual($cutter - 0.2, hypot($place['x'] - $other['x'], $place['y'] - $other['y']));
                    }
                }
            }
            self::assertSame($count, $answer->count);
            self::assertEqualsWithDelta($dough, $count * $cuts->discGrams() + $answer->leftGrams, 0.2);
            // What is left would not make another sheet with a disc in it, or not within the rollings allowed.
            self::assertTrue(count($answer->sheets) === 12 || $answer->leftGrams < 1.45 * $cuts->discGrams());
        }
    }

    public function test_offcuts_drift_drier_with_each_rolling_and_not_at_all_in_damp_air(): void
    {
        $dry = CutOuts::of(1.04, 1.6, 140, 330, 8.0)->from(420, 0.5)->sheets;
        for ($generation = 1; $generation < count($dry); $generation++) {
            self::assertGreaterThan($dry[$generation - 1]->drierByPoints, $dry[$generation]->drierByPoints);
        }
        $damp = CutOuts::of(1.04, 1.6, 140, 330, 0.0)->from(420, 0.5)->sheets;
        self::assertSame(0.0, $damp[0]->drierByPoints);
    }

    public function test_what_is_left_becomes_a_smaller_piece_or_nothing(): void
    {
        $cuts = CutOuts::of(1.04, 1.5, 140, 400, 0);
        $half = $cuts->from(12.0, 0.5);
        self::assertSame(0, $half->count);
        // 12 g at 1.5 mm: √(4 · 12 / (π · 0.15 · 1.04)) = 9.9 cm.
        self::assertEqualsWithDelta([12.0, 99.0], [$half->lastPiece?->grams, $half->lastPiece?->diameterMillimetres], 0.5);
        self::assertNull($cuts->from(5.0, 0.5)->lastPiece);
    }

    public function test_a_cutter_wider_than_the_board_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        CutOuts::of(1.04, 1.5, 300, 200, 0);
    }
}
