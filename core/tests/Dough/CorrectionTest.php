<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\Correction;
use StoneMill\Dough\FeelGrade;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Tests\Seeded;

final class CorrectionTest extends TestCase
{
    public function test_a_cracking_dough_gets_five_points_of_water(): void
    {
        // 250 g of flour, 5 points dry: 250 · 5 / 100 = 12.5 g, on a 1 g scale 13 g.
        self::assertSame(13.0, Correction::of(FeelGrade::Cracking, 250, 300, 1)->waterGrams->likely);
    }

    public function test_a_sticky_dough_gets_flour_at_the_ratio_it_wants(): void
    {
        // 250 g of flour, 330 g of water is 132 %; sticky means it wants 124 %: 250 · (132/124 − 1) = 16.13 g.
        self::assertSame(16.1, Correction::of(FeelGrade::Sticky, 250, 330, 0.1)->flourGrams->likely);
    }

    public function test_water_is_never_asked_back_and_flour_never_taken_out(): void
    {
        foreach (FeelGrade::cases() as $grade) {
            $correction = Correction::of($grade, 240, 200, 0.1);
            self::assertGreaterThanOrEqual(0, $correction->waterGrams->low);
            self::assertGreaterThanOrEqual(0, $correction->flourGrams->low);
            self::assertTrue($correction->waterGrams->likely === 0.0 || $correction->flourGrams->likely === 0.0);
        }
    }

    public function test_every_grade_is_brought_to_the_dough_that_the_flour_wants(): void
    {
        $seeded = new Seeded(21);
        for ($case = 0; $case < 500; $case++) {
            $flour = $seeded->between(80, 3000);
            $wanted = $seeded->between(40, 160);
            $grade = $seeded->one(FeelGrade::cases());
            // A dough that is off by exactly the grade's points ends at the wanted ratio, to the last gram.
            $liquid = $flour * ($wanted + $grade->offsetPoints()) / 100;
            $correction = Correction::of($grade, $flour, $liquid, 0.01);
            $flourAfter = $flour + $correction->flourGrams->likely;
            $liquidAfter = $liquid + $correction->waterGrams->likely;
            self::assertEqualsWithDelta($flourAfter * $wanted / 100, $liquidAfter, 0.02, $grade->value);
            self::assertEqualsWithDelta($wanted, $correction->liquidPercentAfter, 0.05);
        }
    }

    public function test_water_worked_in_by_mistake_and_the_flour_that_answers_it_undo_each_other(): void
    {
        $seeded = new Seeded(22);
        foreach ([[FeelGrade::Tacky, 4.0], [FeelGrade::Sticky, 8.0], [FeelGrade::Slack, 14.0]] as [$grade, $points]) {
            for ($case = 0; $case < 100; $case++) {
                $flour = $seeded->between(100, 1000);
                $liquid = $flour * $seeded->between(0.3, 1.6);
                $tooWet = $liquid + $flour * $points / 100;
                $added = Correction::of($grade, $flour, $tooWet, 0.1)->flourGrams->likely;
                // Back at the old ratio: the water that the larger flour base should hold is what it holds.
                self::assertEqualsWithDelta(($flour + $added) * $liquid / $flour, $tooWet, 1.0);
            }
        }
    }

    public function test_an_empty_bowl_cannot_be_corrected(): void
    {
        $this->expectException(OutOfRange::class);
        Correction::of(FeelGrade::Tacky, 0, 100, 1);
    }
}
