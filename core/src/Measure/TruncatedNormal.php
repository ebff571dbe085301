<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * A normal distribution of which only the part between two limits is believed: what is left of one estimate when another says
 * "somewhere between these, and nothing more". Johnson, Kotz and Balakrishnan, Continuous Univariate Distributions I (1994), 13.10:
 * with α and β the limits in standard deviations and Z = Φ(β) − Φ(α),
 *
 *   mean = μ + σ (φ(α) − φ(β)) / Z
 *   variance = σ² [1 + (α φ(α) − β φ(β)) / Z − ((φ(α) − φ(β)) / Z)²]
 */
final readonly class TruncatedNormal
{
    /** Where less of the normal lies between the limits than this, it is taken as lying at the nearer limit. */
    private const LEAST_PART = 1e-10;

    private const ROUNDS = 3;

    public float $mean;

    public float $deviation;

    /** Φ at the limit nearer to the middle of its tail, and the part between the limits. */
    private float $below;

    private float $part;

    /** Near 1 the distribution function has no digits left; where both limits lie above the centre, all is told mirrored. */
    private bool $isMirrored;

    /** @throws OutOfRange If the deviation is not positive or the limits are not in order. */
    public function __construct(private float $centre, private float $width, public float $low, public float $high)
    {
        OutOfRange::guard('standard deviation', $width, 1e-12, PHP_FLOAT_MAX);
        OutOfRange::guard('upper limit', $high, $low, PHP_FLOAT_MAX);
        $this->isMirrored = $low > $centre;
        [$alpha, $beta] = [($low - $centre) / $width, ($high - $centre) / $width];
        [$from, $to] = $this->isMirrored ? [-$beta, -$alpha] : [$alpha, $beta];
        $this->below = NormalDistribution::cumulative($from);
        $this->part = NormalDistribution::cumulative($to) - $this->below;
        if ($this->part < self::LEAST_PART) {
            $this->mean = min($high, max($low, $centre));
            $this->deviation = 0.0;

            return;
        }
        [$atLow, $atHigh] = [self::density($alpha) / $this->part, self::density($beta) / $this->part];
        $this->mean = min($high, max($low, $centre + $width * ($atLow - $atHigh)));
        $this->deviation = $width * sqrt(max(0.0, 1 + $alpha * $atLow - $beta * $atHigh - ($atLow - $atHigh) ** 2));
    }

    /** @throws OutOfRange If the share is not strictly between 0 and 1. */
    public function quantile(float $share): float
    {
        OutOfRange::guard('share of a quantile', $share, 1e-9, 1 - 1e-9);
        if ($this->part < self::LEAST_PART) {
            return $this->mean;
        }
        $at = min(1 - 1e-12, max(1e-12, $this->below + ($this->isMirrored ? 1 - $share : $share) * $this->part));
        // Far out in a tail one step of Newton's rule is not enough.
        $z = (new NormalDistribution(0.0, 1.0))->quantile($at);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $z -= (NormalDistribution::cumulative($z) - $at) / self::density($z);
        }

        return min($this->high, max($this->low, $this->centre + $this->width * ($this->isMirrored ? -$z : $z)));
    }

    private static function density(float $z): float
    {
        return exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }
}
