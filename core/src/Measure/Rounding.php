<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** Amounts as a scale can show them and a hand can add them. */
final class Rounding
{
    /** Below this, a pinch matters: a tenth of a gram, whatever the scale shows. */
    private const PINCH_GRAMS = 20.0;

    public static function toStep(float $value, float $step): float
    {
        OutOfRange::guard('rounding step', $step, 1e-6, 1e6);

        // Rounded once more, so that 0.1 g steps do not carry binary dust into the record.
        return round(round($value / $step) * $step, 6);
    }

    public static function kitchen(float $grams, float $resolutionGrams): float
    {
        return self::toStep($grams, $grams < self::PINCH_GRAMS ? min(0.1, $resolutionGrams) : $resolutionGrams);
    }

    /** As it is written: so many decimals at most, and no zeros that say nothing. */
    public static function written(float $number, int $decimals): string
    {
        return rtrim(rtrim(sprintf("%.{$decimals}F", $number), '0'), '.');
    }
}
