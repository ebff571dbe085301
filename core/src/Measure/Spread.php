<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** Low, likely and high: low and high are the 10 % and the 90 % quantile. */
final readonly class Spread
{
    /** Distance from the likely value to the 90 % quantile of a normal distribution, in standard deviations. */
    public const DECILE_DEVIATIONS = 1.2815515655446004;

    private function __construct(public float $low, public float $likely, public float $high)
    {
    }

    /** @throws OutOfRange If the three are not finite or not in order. */
    public static function of(float $low, float $likely, float $high): self
    {
        OutOfRange::guard('likely value', $likely, -PHP_FLOAT_MAX, PHP_FLOAT_MAX);
        OutOfRange::guard('low value', $low, -PHP_FLOAT_MAX, $likely);
        OutOfRange::guard('high value', $high, $likely, PHP_FLOAT_MAX);

        return new self($low, $likely, $high);
    }

    public static function exactly(float $value): self
    {
        return self::of($value, $value, $value);
    }

    public static function normal(float $mean, float $deviation): self
    {
        $reach = self::DECILE_DEVIATIONS * OutOfRange::guard('standard deviation', $deviation, 0, PHP_FLOAT_MAX);

        return self::of($mean - $reach, $mean, $mean + $reach);
    }

    public function multipliedBy(float $factor): self
    {
        OutOfRange::guard('factor of a spread', $factor, 0, PHP_FLOAT_MAX);

        return new self($this->low * $factor, $this->likely * $factor, $this->high * $factor);
    }

    /** Bound by bound, of two that go up and down together: low stays with low. */
    public function plus(self $other): self
    {
        return self::of($this->low + $other->low, $this->likely + $other->likely, $this->high + $other->high);
    }

    /** Bound by bound, of two that cannot be negative. */
    public function times(self $other): self
    {
        return self::of($this->low * $other->low, $this->likely * $other->likely, $this->high * $other->high);
    }

    /** The same likely value with its band that many times as wide, never past zero for what cannot be negative. */
    public function widenedBy(float $factor): self
    {
        OutOfRange::guard('factor of a band', $factor, 0, 1000);
        $low = $this->likely - ($this->likely - $this->low) * $factor;

        return new self($this->low >= 0 ? max(0.0, $low) : $low, $this->likely, $this->likely + ($this->high - $this->likely) * $factor);
    }

    /** The point a share of the way from this spread to another, bound by bound. */
    public function towards(self $other, float $share): self
    {
        $at = static fn (float $from, float $to): float => $from + ($to - $from) * $share;

        return new self($at($this->low, $other->low), $at($this->likely, $other->likely), $at($this->high, $other->high));
    }

    /** Standard deviation of the normal distribution with this 10–90 % width. */
    public function deviation(): float
    {
        return ($this->high - $this->low) / (2 * self::DECILE_DEVIATIONS);
    }
}
