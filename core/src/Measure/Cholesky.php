<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** A symmetric positive definite matrix A = L Lᵀ, to solve with it and to tell what its inverse holds. */
final readonly class Cholesky
{
    /** @param list<list<float>> $lower */
    private function __construct(private array $lower)
    {
    }

    /**
     * @param list<list<float>> $matrix symmetric; its lower half is read
     *
     * @throws OutOfRange If it is not positive definite.
     */
    public static function of(array $matrix): self
    {
        $lower = [];
        foreach ($matrix as $row => $values) {
            $line = [];
            for ($column = 0; $column < $row; $column++) {
                $sum = $values[$column];
                for ($k = 0; $k < $column; $k++) {
                    $sum -= $line[$k] * $lower[$column][$k];
                }
                $line[] = $sum / $lower[$column][$column];
            }
            $pivot = $values[$row] - array_sum(array_map(static fn (float $value): float => $value ** 2, $line));
            $lower[] = [...$line, sqrt(OutOfRange::guard('pivot of a positive definite matrix', $pivot, 1e-300, 1e300))];
        }

        return new self($lower);
    }

    /**
     * @param list<float> $right
     * @return list<float> x with A x = right
     */
    public function solve(array $right): array
    {
        $size = count($this->lower);
        $half = [];
        for ($row = 0; $row < $size; $row++) {
            $sum = $right[$row];
            for ($k = 0; $k < $row; $k++) {
                $sum -= $this->lower[$row][$k] * $half[$k];
            }
            $half[$row] = $sum / $this->lower[$row][$row];
        }
        $x = array_fill(0, $size, 0.0);
        for ($row = $size - 1; $row >= 0; $row--) {
            $sum = $half[$row];
            for ($k = $row + 1; $k < $size; $k++) {
                $sum -= $this->lower[$k][$row] * $x[$k];
            }
            $x[$row] = $sum / $this->lower[$row][$row];
        }

        return array_values($x);
    }

    /**
     * The variance of a · x where A is the precision of x: aᵀ A⁻¹ a.
     *
     * @param list<float> $direction
     */
    public function variance(array $direction): float
    {
        $sum = 0.0;
        foreach ($this->solve($direction) as $index => $value) {
            $sum += $value * $direction[$index];
        }

        return $sum;
    }
}
