<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** One line of the water ledger, at one warmth of the dough. */
final readonly class LedgerRow
{
    private function __construct(
        public WeighedLine $line,
        public float $percent,
        public float $takesGrams,
        public float $bringsGrams,
        public float $ownWaterGrams,
        public float $deviationGrams,
        public float $measuringDeviationGrams,
        public float $swollenShare,
        public float $bindingPoints,
    ) {
    }

    public static function of(Uptake $uptake, float $flourBaseGrams, Warmth $warmth, float $bindersShare): self
    {
        $percent = $flourBaseGrams > 0 ? 100 * $uptake->line->grams / $flourBaseGrams : 0.0;
        $swollen = $uptake->swollenShareAt($warmth);
        $measuring = $uptake->measuringDeviationGramsAt($warmth, $bindersShare);

        return new self(
            line: $uptake->line,
            percent: $percent,
            takesGrams: $uptake->takesGramsAt($warmth, $bindersShare),
            bringsGrams: $uptake->bringsGrams(),
            ownWaterGrams: $uptake->ownWaterGrams(),
            deviationGrams: hypot($uptake->absorptionDeviationGramsAt($warmth, $bindersShare), $measuring),
            measuringDeviationGrams: $measuring,
            swollenShare: $swollen,
            bindingPoints: $percent * $uptake->line->ingredient->bindingAtSwollen($swollen),
        );
    }
}
