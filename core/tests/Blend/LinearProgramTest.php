<?php

declare(strict_types=1);

namespace StoneMill\Tests\Blend;

use PHPUnit\Framework\TestCase;
use StoneMill\Blend\Exception\Unbounded;
use StoneMill\Blend\LinearProgram;
use StoneMill\Tests\Seeded;

final class LinearProgramTest extends TestCase
{
    public function test_a_case_worked_by_hand(): void
    {
        // Most of 3x + 5y with x ≤ 4, 2y ≤ 12, 3x + 2y ≤ 18: the corner x = 2, y = 6.
        $found = LinearProgram::least([-3.0, -5.0], [
            ['row' => [1.0, 0.0], 'most' => 4.0],
            ['row' => [0.0, 2.0], 'most' => 12.0],
            ['row' => [3.0, 2.0], 'most' => 18.0],
        ]);
        self::assertEqualsWithDelta([2.0, 6.0], $found, 1e-9);
    }

    public function test_at_least_and_exactly_are_rows_turned_round(): void
    {
        // Least of 2x + 3y with x + y = 10 and y ≥ 4: x = 6, y = 4.
        $found = LinearProgram::least([2.0, 3.0], [
            ['row' => [1.0, 1.0], 'most' => 10.0],
            ['row' => [-1.0, -1.0], 'most' => -10.0],
            ['row' => [0.0, -1.0], 'most' => -4.0],
        ]);
        self::assertEqualsWithDelta([6.0, 4.0], $found, 1e-9);
    }

    public function test_rows_that_clash_have_no_answer(): void
    {
        self::assertNull(LinearProgram::least([1.0], [['row' => [1.0], 'most' => 3.0], ['row' => [-1.0], 'most' => -5.0]]));
    }

    public function test_a_cost_without_end_is_named(): void
    {
        $this->expectException(Unbounded::class);
        LinearProgram::least([-1.0, 0.0], [['row' => [0.0, 1.0], 'most' => 1.0]]);
    }

    public function test_degenerate_corners_do_not_go_round_in_circles(): void
    {
        // Beale's example (1955), on which the plain rule cycles; the least is −1/20 at (1/25, 0, 1, 0).
        $found = LinearProgram::least([-0.75, 150.0, -0.02, 6.0], [
            ['row' => [0.25, -60.0, -0.04, 9.0], 'most' => 0.0],
            ['row' => [0.5, -90.0, -0.02, 3.0], 'most' => 0.0],
            ['row' => [0.0, 0.0, 1.0, 0.0], 'most' => 1.0],
        ]);
        self::assertNotNull($found);
        self::assertEqualsWithDelta(-0.05, -0.75 * $found[0] + 150 * $found[1] - 0.02 * $found[2] + 6 * $found[3], 1e-9);
    }

    public function test_it_finds_what_looking_at_every_corner_finds(): void
    {
        $seeded = new Seeded(77);
        $solved = 0;
        for ($case = 0; $case < 300; $case++) {
            $cost = [$seeded->between(-5, 5), $seeded->between(-5, 5), $seeded->between(-5, 5)];
            $rows = [['row' => [1.0, 0.0, 0.0], 'most' => 10.0], ['row' => [0.0, 1.0, 0.0], 'most' => 10.0], ['row' => [0.0, 0.0, 1.0], 'most' => 10.0]];
            for ($row = $seeded->int(1, 3); $row > 0; $row--) {
                $rows[] = ['row' => [$seeded->between(-3, 3), $seeded->between(-3, 3), $seeded->between(-3, 3)], 'most' => $seeded->between(-8, 15)];
            }
            $found = LinearProgram::least($cost, $rows);
            $best = self::bestCorner($cost, $rows);
            self::assertSame($best === null, $found === null, "case $case");
            if ($found !== null && $best !== null) {
                self::assertEqualsWithDelta($best, self::dot($cost, $found), 1e-6, "case $case");
                self::assertTrue(self::keeps($found, $rows), "case $case");
                $solved++;
            }
        }
        self::assertGreaterThan(150, $solved);
    }

    /**
     * Every corner is where three of the planes meet; the best of those that keep to all rows.
     *
     * @param list<float> $cost
     * @param list<array{row: list<float>, most: float}> $rows
     */
    private static function bestCorner(array $cost, array $rows): ?float
    {
        $planes = [...$rows, ['row' => [1.0, 0.0, 0.0], 'most' => 0.0], ['row' => [0.0, 1.0, 0.0], 'most' => 0.0], ['row' => [0.0, 0.0, 1.0], 'most' => 0.0]];
        $best = null;
        $count = count($planes);
        for ($a = 0; $a < $count; $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                for ($c = $b + 1; $c < $count; $c++) {
                    $corner = self::meeting($planes[$a], $planes[$b], $planes[$c]);
                    if ($corner !== null && min([0.0, ...$corner]) > -1e-7 && self::keeps($corner, $rows)) {
                        $best = min($best ?? INF, self::dot($cost, $corner));
                    }
                }
            }
        }

        return $best;
    }

    /**
     * @param array{row: list<float>, most: float} ...$planes three of them
     * @return list<float>|null by Cramer's rule
     */
    private static function meeting(array ...$planes): ?array
    {
        $matrix = array_map(static fn (array $plane): array => $plane['row'], array_values($planes));
        $det = self::det($matrix);
        if (abs($det) < 1e-9) {
            return null;
        }
        $corner = [];
        for ($column = 0; $column < 3; $column++) {
            $replaced = $matrix;
            foreach (array_values($planes) as $row => $plane) {
                $replaced[$row][$column] = $plane['most'];
            }
            $corner[] = self::det($replaced) / $det;
        }

        return $corner;
    }

    /** @param array<int, array<int, float>> $m */
    private static function det(array $m): float
    {
        return $m[0][0] * ($m[1][1] * $m[2][2] - $m[1][2] * $m[2][1])
            - $m[0][1] * ($m[1][0] * $m[2][2] - $m[1][2] * $m[2][0])
            + $m[0][2] * ($m[1][0] * $m[2][1] - $m[1][1] * $m[2][0]);
    }

    /**
     * @param list<float> $x
     * @param list<array{row: list<float>, most: float}> $rows
     */
    private static function keeps(array $x, array $rows): bool
    {
        foreach ($rows as ['row' => $row, 'most' => $most]) {
            if (self::dot($row, $x) > $most + 1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $one, float $other): float => $one * $other, $a, $b));
    }
}
