<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Shape\Disc;
use StoneMill\Tests\Seeded;

final class DiscTest extends TestCase
{
    public function test_a_hand_worked_disc(): void
    {
        // 1.15 g/mL · π/4 · (15 cm)² · 0.2 cm = 40.64 g.
        self::assertEqualsWithDelta(40.64, Disc::ofDiameterAndThickness(150, 2, 1.15)->grams, 0.01);
    }

    public function test_any_two_measures_give_back_the_third(): void
    {
        $seeded = new Seeded(51);
        for ($case = 0; $case < 300; $case++) {
            $density = $seeded->between(0.9, 1.3);
            $disc = Disc::ofWeightAndThickness($seeded->between(20, 150), $seeded->between(1, 20), $density);
            $back = Disc::ofWeightAndDiameter($disc->grams, $disc->diameterMillimetres, $density);
            self::assertEqualsWithDelta($disc->thicknessMillimetres, $back->thicknessMillimetres, 1e-9);
            self::assertEqualsWithDelta($disc->grams, Disc::ofDiameterAndThickness($disc->diameterMillimetres, $disc->thicknessMillimetres, $density)->grams, 1e-9);
        }
    }

    public function test_a_disc_without_thickness_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Disc::ofWeightAndThickness(40, 0, 1.1);
    }
}
