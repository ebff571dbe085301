<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Label\Label;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;

/** Net carbohydrate that a piece may have, whether it keeps to it, and the largest that would. */
final readonly class CarbohydrateBudget
{
    private function __construct(public float $netCarbohydrateGrams, public bool $isMet, public Figure $largestPieceGrams)
    {
    }

    public static function of(Label $label, float $pieceGrams, float $budgetGrams): self
    {
        $perGram = $label->carbohydratePer100GramsRaw() / 100;
        $beside = $label->carbohydrateBesideGrams();

        return new self(
            $budgetGrams,
            $perGram * $pieceGrams + $beside <= $budgetGrams,
            Figure::exact(
                $perGram > 0 ? min(Limits::MOST_PIECE_GRAMS, max(0.0, $budgetGrams - $beside) / $perGram) : Limits::MOST_PIECE_GRAMS,
                Unit::Gram,
                Reason::amount('Net carbohydrate in 100 g of dough', 100 * $perGram, Unit::Gram),
                Reason::amount('At most in a piece', $budgetGrams, Unit::Gram),
            ),
        );
    }
}
