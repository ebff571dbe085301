<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\Pour;
use StoneMill\Measure\NormalDistribution;
use StoneMill\Tests\Seeded;

final class PourTest extends TestCase
{
    public function test_the_first_pour_is_the_low_tenth_of_the_need(): void
    {
        // 312 − 1.2816 · 20 = 286.4 g, on a 1 g scale 286 g; the rest is kept by.
        $pour = Pour::of(312, (new NormalDistribution(312, 20))->quantile(0.10), 1);
        self::assertSame([312.0, 286.0, 26.0], [$pour->grams, $pour->firstGrams, $pour->reserveGrams]);
    }

    public function test_first_pour_and_reserve_are_all_the_water_whatever_the_risk(): void
    {
        $seeded = new Seeded(31);
        for ($case = 0; $case < 300; $case++) {
            $need = new NormalDistribution($seeded->between(0, 900), $seeded->between(0, 80));
            $pour = Pour::of($seeded->between(0, 900), $need->quantile($seeded->between(0.01, 0.5)), $seeded->one([0.1, 1.0, 5.0]));
            self::assertEqualsWithDelta($pour->grams, $pour->firstGrams + $pour->reserveGrams, 1e-6);
            self::assertGreaterThanOrEqual(0, $pour->firstGrams);
            self::assertGreaterThanOrEqual(0, $pour->reserveGrams);
        }
    }

    public function test_a_bolder_cook_and_a_better_known_flour_pour_more_at_once(): void
    {
        $cautious = Pour::of(300, (new NormalDistribution(300, 20))->quantile(0.05), 1);
        $bold = Pour::of(300, (new NormalDistribution(300, 20))->quantile(0.30), 1);
        $known = Pour::of(300, (new NormalDistribution(300, 5))->quantile(0.05), 1);
        self::assertGreaterThan($cautious->firstGrams, $bold->firstGrams);
        self::assertGreaterThan($cautious->firstGrams, $known->firstGrams);
    }
}
