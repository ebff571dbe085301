<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\NormalDistribution;
use StoneMill\Measure\Rounding;

/** How much water to pour first, and how much to keep by until the dough has been felt. */
final readonly class Pour
{
    private function __construct(public float $grams, public float $firstGrams, public float $reserveGrams, public float $unroundedGrams)
    {
    }

    /**
     * @param float $riskShare the chance that the first pour is already too much
     *
     * @throws OutOfRange If the amount is negative or the risk not a share.
     */
    public static function of(float $grams, NormalDistribution $need, float $riskShare, float $resolutionGrams): self
    {
        OutOfRange::guard('water in grams', $grams, 0, 1e6);
        $total = Rounding::toStep($grams, $resolutionGrams);
        $safe = Rounding::toStep($need->quantile($riskShare), $resolutionGrams);
        $first = max(0.0, min($total, $safe));

        return new self($total, $first, round($total - $first, 6), $grams);
    }
}
