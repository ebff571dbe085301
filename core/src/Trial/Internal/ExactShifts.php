<?php

declare(strict_types=1);

namespace StoneMill\Trial\Internal;

use StoneMill\Trial\Interval;

/**
 * The shifts that an exact test does not refuse. Were the second group moved back by δ, a way of dealing the labels whose means differ by a − bδ would lie as far
 * apart as what was seen, D − δ, for all δ between (D − a)/(1 − b) and (D + a)/(1 + b). A shift is not refused while more than the refused share of all
 * dealings do: the bounds are order statistics of these ends. docs/model.md, "Trials".
 */
final class ExactShifts
{
    /**
     * @param float $seen D
     * @param iterable<array{float, float}> $dealings every way in which the labels could have been dealt, each as its a and b
     * @param float $refused share of dealings, 0.05 for an interval of 95 %
     */
    public static function interval(float $seen, iterable $dealings, float $refused): Interval
    {
        $lows = $highs = [];
        foreach ($dealings as [$a, $b]) {
            $ends = abs(1 - abs($b)) < 1e-12 ? [-INF, INF] : [($seen - $a) / (1 - $b), ($seen + $a) / (1 + $b)];
            $lows[] = min($ends);
            $highs[] = max($ends);
        }
        sort($lows);
        rsort($highs);
        $first = (int) floor($refused * count($lows) + 1e-9);

        return new Interval(self::finite($lows[$first] ?? -INF), self::finite($highs[$first] ?? INF));
    }

    private static function finite(float $bound): ?float
    {
        return is_finite($bound) ? $bound : null;
    }
}
