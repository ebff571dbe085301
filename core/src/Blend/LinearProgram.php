<?php

declare(strict_types=1);

namespace StoneMill\Blend;

use StoneMill\Blend\Exception\Unbounded;

/**
 * Least c·x with A·x ≤ b (rows), and x ≥ 0: the two-phase simplex method on a dense tableau. Dantzig's rule while it
 * gains, Bland's (1977) once it stalls, so that it always ends. Small: tens of columns.
 */
final class LinearProgram
{
    private const DUST = 1e-9;

    /** After so many steps without gain Bland's rule takes over. */
    private const PATIENCE = 30;

    /** @var array<int, array<int, float>> */
    private array $tableau = [];

    /** @var array<int, int> the column that is basic in each row */
    private array $basis = [];

    private int $columns;

    /**
     * @param list<array{row: list<float>, most: float}> $rows each as Σ row·x ≤ most
     * @param int $variables number of x
     */
    private function __construct(array $rows, private readonly int $variables)
    {
        $slack = count($rows);
        $artificial = count(array_filter($rows, static fn (array $row): bool => $row['most'] < 0));
        $this->columns = $variables + $slack + $artificial;
        $nextArtificial = $variables + $slack;
        foreach ($rows as $index => ['row' => $row, 'most' => $most]) {
            $sign = $most < 0 ? -1.0 : 1.0;
            $line = array_fill(0, $this->columns + 1, 0.0);
            foreach ($row as $column => $value) {
                $line[$column] = $sign * $value;
            }
            $line[$variables + $index] = $sign;
            $line[$this->columns] = $sign * $most;
            $basic = $variables + $index;
            if ($sign < 0) {
                $basic = $nextArtificial++;
                $line[$basic] = 1.0;
            }
            $this->tableau[] = $line;
            $this->basis[] = $basic;
        }
    }

    /**
     * The x that costs least, or null where no x keeps to all rows.
     *
     * @param list<float> $cost
     * @param list<array{row: list<float>, most: float}> $rows
     * @return list<float>|null
     *
     * @throws Unbounded If the cost can fall without end.
     */
    public static function least(array $cost, array $rows): ?array
    {
        return (new self($rows, count($cost)))->run($cost, count($rows));
    }

    /**
     * @param list<float> $cost
     * @return list<float>|null
     */
    private function run(array $cost, int $rows): ?array
    {
        $real = $this->variables + $rows;
        $phaseOne = array_fill(0, $this->columns, 0.0);
        for ($column = $real; $column < $this->columns; $column++) {
            $phaseOne[$column] = 1.0;
        }
        if ($real < $this->columns && $this->minimise($phaseOne, $this->columns) > 1e-7) {
            return null;
        }
        $this->driveOut($real);
        $this->minimise([...$cost, ...array_fill(0, $this->columns - $this->variables, 0.0)], $real);
        $x = array_fill(0, $this->variables, 0.0);
        foreach ($this->basis as $row => $column) {
            if ($column < $this->variables) {
                $x[$column] = max(0.0, $this->tableau[$row][$this->columns]);
            }
        }

        return array_values($x);
    }

    /**
     * @param array<int, float> $cost of every column
     * @param int $usable columns that may enter: artificial ones may not in the second phase
     */
    private function minimise(array $cost, int $usable): float
    {
        $stalled = 0;
        $value = $this->value($cost);
        while (($entering = $this->entering($cost, $usable, $stalled > self::PATIENCE)) !== null) {
            $this->pivot($this->leaving($entering), $entering);
            $after = $this->value($cost);
            $stalled = $after < $value - self::DUST ? 0 : $stalled + 1;
            $value = $after;
        }

        return $value;
    }

    /** @param array<int, float> $cost */
    private function value(array $cost): float
    {
        $value = 0.0;
        foreach ($this->basis as $row => $column) {
            $value += $cost[$column] * $this->tableau[$row][$this->columns];
        }

        return $value;
    }

    /** @param array<int, float> $cost */
    private function entering(array $cost, int $usable, bool $first): ?int
    {
        $best = null;
        $least = -self::DUST;
        for ($column = 0; $column < $usable; $column++) {
            $reduced = $cost[$column];
            foreach ($this->basis as $row => $basic) {
                $reduced -= $cost[$basic] * $this->tableau[$row][$column];
            }
            if ($reduced < $least) {
                $best = $column;
                if ($first) {
                    return $best;
                }
                $least = $reduced;
            }
        }

        return $best;
    }

    private function leaving(int $entering): int
    {
        $leaving = null;
        $least = INF;
        foreach ($this->tableau as $row => $line) {
            if ($line[$entering] <= self::DUST) {
                continue;
            }
            $ratio = $line[$this->columns] / $line[$entering];
            if ($ratio < $least - self::DUST || ($ratio < $least + self::DUST && $leaving !== null && $this->basis[$row] < $this->basis[$leaving])) {
                $least = min($least, $ratio);
                $leaving = $row;
            }
        }

        return $leaving ?? throw Unbounded::inColumn($entering);
    }

    private function pivot(int $row, int $column): void
    {
        $by = $this->tableau[$row][$column];
        foreach ($this->tableau[$row] as $index => $value) {
            $this->tableau[$row][$index] = $value / $by;
        }
        foreach ($this->tableau as $other => $line) {
            $factor = $line[$column];
            if ($other === $row || abs($factor) < 1e-14) {
                continue;
            }
            foreach ($this->tableau[$row] as $index => $value) {
                $line[$index] -= $factor * $value;
            }
            $this->tableau[$other] = $line;
        }
        $this->basis[$row] = $column;
    }

    /** Artificial columns that stayed in the basis at zero make room for real ones, where their row has any. */
    private function driveOut(int $real): void
    {
        foreach ($this->basis as $row => $basic) {
            if ($basic < $real) {
                continue;
            }
            for ($column = 0; $column < $real; $column++) {
                if (abs($this->tableau[$row][$column]) > 1e-7) {
                    $this->pivot($row, $column);
                    break;
                }
            }
        }
    }
}
