<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** When a dough is past saving by spoonfuls, and what can still be made of it. */
final class Rescue
{
    /** A dough that is still sticky after so many corrections will not come round by more of the same. Planning estimate. */
    private const MOST_CORRECTIONS = 4;

    /** More flour worked in than this share of what was there: another bread by now. Planning estimate. */
    private const MOST_FLOUR_SHARE = 0.5;

    /**
     * What to do, or null while the spoon still helps.
     *
     * @param float $moreForBatterGrams water that would thin it to a batter
     */
    public static function advice(int $corrections, float $correctionFlourGrams, float $flourBaseGrams, ?FeelGrade $feel, float $moreForBatterGrams): ?string
    {
        // Working water in spoon by spoon is the usual way, however many spoons: only a dough that stays too wet is given up.
        $tired = $corrections >= self::MOST_CORRECTIONS && $feel !== null && $feel->offsetPoints() >= FeelGrade::Sticky->offsetPoints();
        $swamped = $flourBaseGrams > 0 && $correctionFlourGrams > self::MOST_FLOUR_SHARE * ($flourBaseGrams - $correctionFlourGrams);
        if ($feel === FeelGrade::Ready || (! $tired && ! $swamped)) {
            return null;
        }

        return $moreForBatterGrams > 0
            ? sprintf('Past saving as a dough to shape. Thin it with %.0f g of water and pour rounds, or spread it on a sheet and bake it crisp.', $moreForBatterGrams)
            : 'Past saving as a dough to shape. It is a batter now: pour rounds, or spread it on a sheet and bake it crisp.';
    }
}
