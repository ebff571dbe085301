<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Measure\StudentT;

/** Against the table in every textbook: what is exceeded one time in ten, in forty, in two hundred. */
final class StudentTTest extends TestCase
{
    #[TestWith([1, 3.078, 12.706, 63.657])]
    #[TestWith([2, 1.886, 4.303, 9.925])]
    #[TestWith([5, 1.476, 2.571, 4.032])]
    #[TestWith([10, 1.372, 2.228, 3.169])]
    #[TestWith([30, 1.310, 2.042, 2.750])]
    #[TestWith([120, 1.289, 1.980, 2.617])]
    public function test_its_quantiles_are_those_of_the_table(int $degrees, float $tenth, float $fortieth, float $twoHundredth): void
    {
        $student = new StudentT($degrees);
        self::assertEqualsWithDelta($tenth, $student->quantile(0.9), 5.1e-4);
        self::assertEqualsWithDelta($fortieth, $student->quantile(0.975), 5.1e-4);
        self::assertEqualsWithDelta($twoHundredth, $student->quantile(0.995), 5.1e-4);
        self::assertEqualsWithDelta(-$fortieth, $student->quantile(0.025), 5.1e-4);
        self::assertEqualsWithDelta(0.5, $student->cumulative(0.0), 1e-12);
    }

    public function test_with_one_degree_it_is_the_arctangent(): void
    {
        foreach ([-7.0, -0.3, 0.4, 2.0, 30.0] as $t) {
            self::assertEqualsWithDelta(0.5 + atan($t) / M_PI, (new StudentT(1))->cumulative($t), 1e-9);
        }
    }
}
