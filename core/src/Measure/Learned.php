<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** Something that the record taught: its value, give or take, from so many batches. */
final readonly class Learned
{
    public const MOST_BATCHES = 1_000_000;

    /** @throws OutOfRange If it is less sure than nothing, or from less than no batch. */
    public function __construct(public float $value, public float $deviation, public int $batches)
    {
        OutOfRange::guard('standard deviation', $deviation, 0, 1e6);
        OutOfRange::guard('batches', $batches, 0, self::MOST_BATCHES);
    }

    /** "± 2.1, from 6 batches", in a unit of which one is so much. */
    public function from(float $one = 1.0): string
    {
        return sprintf('± %s, from %d %s', self::rounded($this->deviation / $one), $this->batches, $this->batches === 1 ? 'batch' : 'batches');
    }

    private static function rounded(float $value): string
    {
        return $value >= 10 ? sprintf('%.0f', $value) : sprintf('%.1f', $value);
    }
}
