<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

/** What is left in a bag: what was in it when it was bought or last weighed, without what batches weighed from it since. */
final class BagContents
{
    /** A tenth of a gram is more than a kitchen's scale tells. */
    private const DECIMALS = 1;

    /**
     * @param float|null $grams bought, or last weighed; null where nobody said
     * @param float $usedGrams weighed from it since
     * @return float|null never below 0: a bag that gave more held more than was said
     */
    public static function left(?float $grams, float $usedGrams): ?float
    {
        return $grams === null ? null : round(max(0.0, $grams - $usedGrams), self::DECIMALS);
    }

    /** Whether the day printed on it is over. */
    public static function isPast(?string $bestBefore, string $today): bool
    {
        return $bestBefore !== null && $bestBefore < $today;
    }
}
