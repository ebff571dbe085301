<?php

declare(strict_types=1);

namespace StoneMill\Record;

/**
 * How long a rise takes once somebody has looked at it. Dough grows as g(t) = exp(k t), so that a dough planned to grow G times in T has
 * k = ln G / T, give or take a third; one that has grown g times after t has k = ln g / t, as surely as an eye reads a mark on a bowl
 * (to 8 % of its height). The two are put together by their precisions in ln k (planning estimates).
 */
final class RiseSeen
{
    private const PLAN_DEVIATION = 0.33;

    private const EYE_HEIGHT = 0.08;

    /** Nobody sees how a dough grows before this. */
    private const LEAST_SECONDS = 300.0;

    /** Less than this is not seen to have grown: it says only that it is slower than planned. */
    private const LEAST_GROWTH = 1.04;

    /**
     * Seconds from the beginning of the rise until it has grown as wished.
     *
     * @param float $planned seconds
     * @param float $wanted times its first size
     * @param float $grown times its first size, as seen
     * @param float $after seconds since the rise began, when it was seen
     */
    public static function seconds(float $planned, float $wanted, float $grown, float $after): float
    {
        if ($after < self::LEAST_SECONDS || $wanted <= 1 || $planned <= 0) {
            return $planned;
        }
        $seen = log(max(self::LEAST_GROWTH, $grown));
        $rate = $seen / $after;
        $eye = (self::EYE_HEIGHT / $seen) ** -2;
        $plan = self::PLAN_DEVIATION ** -2;
        $byPlan = log($wanted) / $planned;

        return log($wanted) / exp(($plan * log($byPlan) + $eye * log($rate)) / ($plan + $eye));
    }
}
