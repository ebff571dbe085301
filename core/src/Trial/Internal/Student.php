<?php

declare(strict_types=1);

namespace StoneMill\Trial\Internal;

use StoneMill\Measure\StudentT;
use StoneMill\Trial\Interval;

/** What Student's t says of a difference. */
final readonly class Student
{
    /**
     * @param float|null $error standard error of the difference; null where too few values are in to tell
     * @param int $degrees of freedom, at least 1 where the error is known
     */
    public function __construct(private float $difference, private ?float $error, private int $degrees)
    {
    }

    /** How likely the true difference is above nothing; a half where nothing tells. */
    public function chanceAbove(): float
    {
        return match (true) {
            $this->error === null => 0.5,
            $this->error <= 0.0 => $this->difference > 0 ? 1.0 : ($this->difference < 0 ? 0.0 : 0.5),
            default => (new StudentT($this->degrees))->cumulative($this->difference / $this->error),
        };
    }

    public function interval(float $share): Interval
    {
        if ($this->error === null) {
            return new Interval(null, null);
        }
        $reach = $this->error * (new StudentT($this->degrees))->quantile(0.5 + $share / 2);

        return new Interval($this->difference - $reach, $this->difference + $reach);
    }
}
