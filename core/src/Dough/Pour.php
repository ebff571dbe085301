<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Rounding;

/** How much water to pour first, and how much to keep by until the dough has been felt. */
final readonly class Pour
{
    private function __construct(public float $grams, public float $firstGrams, public float $reserveGrams, public float $unroundedGrams)
    {
    }

    /**
     * @param float $safeGrams so much may be poured before the dough is felt: the quantile of its need at the chosen risk
     *
     * @throws OutOfRange If the amount is negative.
     */
    public static function of(float $grams, float $safeGrams, float $resolutionGrams): self
    {
        OutOfRange::guard('water in grams', $grams, 0, 1e6);
        $total = Rounding::toStep($grams, $resolutionGrams);
        $safe = Rounding::toStep($safeGrams, $resolutionGrams);
        $first = max(0.0, min($total, $safe));

        return new self($total, $first, round($total - $first, 6), $grams);
    }
}
