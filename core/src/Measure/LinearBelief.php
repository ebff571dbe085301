<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use Closure;

/**
 * What observations say of unknown quantities that add up to them. Every unknown has a normal prior about zero; together they are
 * conditioned exactly (Gaussian conditioning by Cholesky). An observation far from what the others say loses its weight in three
 * rounds of Student's t with four degrees of freedom, and what was seen long ago is less sure: quantities drift. docs/model.md, "The record".
 */
final readonly class LinearBelief
{
    private const FREEDOM = 4.0;

    private const ROUNDS = 3;

    private const DAYS_IN_MONTH = 30.44;

    /** @var array<string, int> place of each unknown */
    private array $places;

    /** @var list<float> */
    private array $means;

    private Cholesky $precision;

    /**
     * @param list<Observation> $observations
     * @param Closure(string): float $prior standard deviation of an unknown before anything was seen
     */
    public function __construct(private array $observations, private Closure $prior)
    {
        $places = [];
        foreach ($observations as $observation) {
            foreach ($observation->terms as $name => $_) {
                $places[$name] ??= count($places);
            }
        }
        $this->places = $places;
        $variances = $this->variances();
        $weights = array_fill(0, count($observations), 1.0);
        [$precision, $means] = $this->conditioned($variances, $weights);
        for ($round = 0; $round < self::ROUNDS && $observations !== []; $round++) {
            foreach ($observations as $index => $observation) {
                $off = $observation->value - self::sum($observation->terms, $means, $places);
                $weights[$index] = (self::FREEDOM + 1) / (self::FREEDOM + $off ** 2 / $variances[$index]);
            }
            [$precision, $means] = $this->conditioned($variances, $weights);
        }
        [$this->precision, $this->means] = [$precision, $means];
    }

    /** Whether anything was seen of it. */
    public function knows(string $unknown): bool
    {
        return isset($this->places[$unknown]);
    }

    /**
     * A sum of unknowns; those that nothing was seen of stay at their prior.
     *
     * @param array<string, float> $terms
     */
    public function of(array $terms): NormalDistribution
    {
        $direction = array_fill(0, count($this->places), 0.0);
        $strange = 0.0;
        foreach ($terms as $name => $share) {
            if (isset($this->places[$name])) {
                $direction[$this->places[$name]] = $share;
            } else {
                $strange += ($share * ($this->prior)($name)) ** 2;
            }
        }
        $known = $this->places === [] ? 0.0 : $this->precision->variance(array_values($direction));

        return new NormalDistribution(self::sum(array_intersect_key($terms, $this->places), $this->means, $this->places), sqrt($known + $strange));
    }

    /** @return list<float> */
    private function variances(): array
    {
        $latest = $this->observations === [] ? 0 : max(array_map(static fn (Observation $one): int => $one->day, $this->observations));

        return array_map(static fn (Observation $one): float => $one->deviation ** 2 + ($one->driftPerMonth * ($latest - $one->day) / self::DAYS_IN_MONTH) ** 2, $this->observations);
    }

    /**
     * @param list<float> $variances
     * @param array<int, float> $weights
     * @return array{Cholesky, list<float>} the precision of the unknowns, and their means
     */
    private function conditioned(array $variances, array $weights): array
    {
        $size = count($this->places);
        $matrix = array_fill(0, $size, array_fill(0, $size, 0.0));
        $right = array_fill(0, $size, 0.0);
        foreach ($this->places as $name => $place) {
            $matrix[$place][$place] = 1 / ($this->prior)($name) ** 2;
        }
        foreach ($this->observations as $index => $observation) {
            $weight = $weights[$index] / $variances[$index];
            foreach ($observation->terms as $one => $share) {
                $row = $this->places[$one];
                $right[$row] += $weight * $share * $observation->value;
                foreach ($observation->terms as $other => $also) {
                    $matrix[$row][$this->places[$other]] += $weight * $share * $also;
                }
            }
        }
        $precision = Cholesky::of(array_map(array_values(...), $matrix));

        return [$precision, $precision->solve(array_values($right))];
    }

    /**
     * @param array<string, float> $terms
     * @param list<float> $means
     * @param array<string, int> $places
     */
    private static function sum(array $terms, array $means, array $places): float
    {
        $sum = 0.0;
        foreach ($terms as $name => $share) {
            $sum += $share * $means[$places[$name]];
        }

        return $sum;
    }
}
