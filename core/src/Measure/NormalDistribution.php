<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** Quantiles of a normal distribution, for "pour only what will not overshoot". */
final readonly class NormalDistribution
{
    public function __construct(public float $mean, public float $deviation)
    {
    }

    /**
     * The value that is exceeded with probability 1 − $share.
     *
     * Rational approximation 26.2.23 of Abramowitz and Stegun, Handbook of Mathematical Functions
     * (absolute error under 4.5e-4 deviations), then one Newton step on the distribution function.
     *
     * @throws OutOfRange If the share is not strictly between 0 and 1.
     */
    public function quantile(float $share): float
    {
        OutOfRange::guard('share of a quantile', $share, 1e-12, 1 - 1e-12);
        $tail = min($share, 1 - $share);
        $t = sqrt(-2 * log($tail));
        $z = $t - (2.515517 + 0.802853 * $t + 0.010328 * $t ** 2)
            / (1 + 1.432788 * $t + 0.189269 * $t ** 2 + 0.001308 * $t ** 3);
        $z = $share < 0.5 ? -$z : $z;
        $z -= (self::cumulative($z) - $share) / (exp(-$z * $z / 2) / sqrt(2 * M_PI));

        return $this->mean + $this->deviation * $z;
    }

    /** Share of a standard normal distribution below z; series 26.2.11 of Abramowitz and Stegun. */
    public static function cumulative(float $z): float
    {
        if (abs($z) > 8) {
            return $z > 0 ? 1.0 : 0.0;
        }
        $term = $z;
        $sum = $z;
        for ($n = 1; abs($term) > 1e-16 * abs($sum) && $n < 200; $n++) {
            $term *= $z * $z / (2 * $n + 1);
            $sum += $term;
        }

        return 0.5 + $sum * exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }
}
