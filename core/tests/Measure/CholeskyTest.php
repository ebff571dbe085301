<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Cholesky;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Tests\Seeded;

final class CholeskyTest extends TestCase
{
    public function test_two_unknowns_by_hand(): void
    {
        // 4x + 2y = 10, 2x + 3y = 8: x = (30 − 16) / 8 = 1.75, y = (32 − 20) / 8 = 1.5. The inverse is (3, −2; −2, 4) / 8.
        $matrix = Cholesky::of([[4.0, 2.0], [2.0, 3.0]]);
        [$x, $y] = $matrix->solve([10.0, 8.0]);
        self::assertEqualsWithDelta(1.75, $x, 1e-12);
        self::assertEqualsWithDelta(1.5, $y, 1e-12);
        self::assertEqualsWithDelta(3 / 8, $matrix->variance([1.0, 0.0]), 1e-12);
        self::assertEqualsWithDelta((3 - 4 + 4) / 8, $matrix->variance([1.0, 1.0]), 1e-12);
    }

    public function test_random_systems_are_solved(): void
    {
        $seeded = new Seeded(77);
        for ($case = 0; $case < 60; $case++) {
            $size = $seeded->int(1, 12);
            $half = array_map(static fn (): array => array_map(static fn (): float => $seeded->between(-2, 2), range(1, $size)), range(1, $size));
            $matrix = [];
            foreach ($half as $row => $values) {
                foreach ($half as $column => $others) {
                    $matrix[$row][$column] = array_sum(array_map(static fn (float $one, float $other): float => $one * $other, $values, $others)) + ($row === $column ? 0.5 : 0.0);
                }
            }
            $right = array_map(static fn (): float => $seeded->between(-5, 5), range(1, $size));
            $x = Cholesky::of(array_values(array_map(array_values(...), $matrix)))->solve($right);
            foreach ($matrix as $row => $values) {
                self::assertEqualsWithDelta($right[$row], array_sum(array_map(static fn (float $one, float $value): float => $one * $value, $values, $x)), 1e-8);
            }
        }
    }

    public function test_what_is_not_positive_definite_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Cholesky::of([[1.0, 2.0], [2.0, 1.0]]);
    }
}
