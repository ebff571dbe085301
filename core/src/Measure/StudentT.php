<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** Student's t: how far a mean of few values may be off, where their scatter is known from themselves alone. */
final readonly class StudentT
{
    private const MOST_TERMS = 300;

    private const TINY = 1e-300;

    private const SETTLED = 1e-13;

    /** @throws OutOfRange If there are fewer than one degree of freedom. */
    public function __construct(private float $degrees)
    {
        OutOfRange::guard('degrees of freedom', $degrees, 1, 1e9);
    }

    /** Share of the distribution below t: Abramowitz and Stegun 26.7.1 by the incomplete beta function. */
    public function cumulative(float $t): float
    {
        $tail = 0.5 * self::incompleteBeta($this->degrees / 2, 0.5, $this->degrees / ($this->degrees + $t * $t));

        return $t > 0 ? 1 - $tail : $tail;
    }

    /**
     * The value that is exceeded with probability 1 − $share, by halving.
     *
     * @throws OutOfRange If the share is not strictly between 0 and 1.
     */
    public function quantile(float $share): float
    {
        OutOfRange::guard('share of a quantile', $share, 1e-9, 1 - 1e-9);
        $low = -1.0;
        while ($this->cumulative($low) > $share) {
            $low *= 2;
        }
        $high = 1.0;
        while ($this->cumulative($high) < $share) {
            $high *= 2;
        }
        while ($high - $low > 1e-11 * max(1.0, abs($low))) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $this->cumulative($middle) < $share ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }

    /** Regularised, I_x(a, b): the continued fraction of Abramowitz and Stegun 26.5.8, by Lentz's rule, on the side where it converges. */
    private static function incompleteBeta(float $a, float $b, float $x): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        if ($x > ($a + 1) / ($a + $b + 2)) {
            return 1 - self::incompleteBeta($b, $a, 1 - $x);
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1 - $x)) / $a;
        $c = 1.0;
        $d = 1 / self::off(1 - ($a + $b) * $x / ($a + 1));
        $fraction = $d;
        for ($term = 1; $term <= self::MOST_TERMS; $term++) {
            $even = $term * ($b - $term) * $x / (($a + 2 * $term - 1) * ($a + 2 * $term));
            $odd = -($a + $term) * ($a + $b + $term) * $x / (($a + 2 * $term) * ($a + 2 * $term + 1));
            foreach ([$even, $odd] as $by) {
                $d = 1 / self::off(1 + $by * $d);
                $c = self::off(1 + $by / $c);
                $fraction *= $c * $d;
            }
            if (abs($c * $d - 1) < self::SETTLED) {
                break;
            }
        }

        return $front * $fraction;
    }

    private static function off(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }

    /** ln Γ(x) for x above 0: Lanczos' series as in Numerical Recipes, 6.1, relative error under 2e-10. */
    private static function logGamma(float $x): float
    {
        $sum = 1.000000000190015;
        foreach ([76.18009172947146, -86.50532032941677, 24.01409824083091, -1.231739572450155, 0.1208650973866179e-2, -0.5395239384953e-5] as $index => $coefficient) {
            $sum += $coefficient / ($x + $index + 1);
        }

        return ($x + 0.5) * log($x + 5.5) - ($x + 5.5) + log(2.5066282746310005 * $sum / $x);
    }
}
