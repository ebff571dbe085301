<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Dough\Correction;
use StoneMill\Dough\FeelGrade;
use StoneMill\Dough\Rescue;
use StoneMill\Measure\Rounding;
use StoneMill\Measure\Spread;

/** What is in the bowl now, told from the events alone. */
final readonly class Bowl
{
    private function __construct(public PlannedBatch $plan, public BowlTally $tally)
    {
    }

    public static function of(PlannedBatch $plan, BowlTally $tally): self
    {
        return new self($plan, $tally);
    }

    public function waterGrams(): float
    {
        return $this->tally->pouredGrams + $this->tally->correctionWaterGrams;
    }

    /** Flour base in the bowl; before anything is measured, the one that is planned. */
    public function flourBaseGrams(): float
    {
        return $this->weighedFlourGrams() + $this->tally->correctionFlourGrams;
    }

    /** As it is; null where something was added since it was felt, or it never was. */
    public function feel(): ?FeelGrade
    {
        return $this->tally->feel;
    }

    public function wasEverFelt(): bool
    {
        return $this->tally->lastFeel !== null;
    }

    public function hydrationPercent(): float
    {
        return 100 * $this->waterGrams() / $this->flourBaseGrams();
    }

    /**
     * How far the hydration may be off, since the flour was measured by cup or eye; 10 % and 90 %.
     *
     * @return array{low: float, high: float}
     */
    public function hydrationBand(): array
    {
        return array_map(fn (float $share): float => $share * $this->hydrationPercent(), $this->hydrationShares());
    }

    /** @return array{low: float, high: float} the same as shares of the hydration itself */
    public function hydrationShares(): array
    {
        $reach = Spread::DECILE_DEVIATIONS * $this->plan->measuring->relativeDeviation();

        return ['low' => 1 / (1 + $reach), 'high' => 1 / max(0.5, 1 - $reach)];
    }

    /** What to do where no spoonful will mend this dough any more; null while one may. */
    public function rescue(): ?string
    {
        return Rescue::advice($this->tally->corrections, $this->tally->correctionFlourGrams, $this->flourBaseGrams(), $this->tally->feel ?? $this->tally->lastFeel, $this->plan->batterGrams - $this->waterGrams());
    }

    /**
     * Water for what was weighed in: as much for its flour as was planned for the planned flour, less what other lines brought more than planned.
     */
    public function wantedWaterGrams(): float
    {
        if ($this->isAsPlanned()) {
            return $this->plan->waterGrams;
        }

        return max(0.0, Rounding::toStep($this->plan->waterPerFlour() * $this->weighedFlourGrams() - $this->broughtGrams(), $this->plan->resolutionGrams));
    }

    /** Of that, what is poured first. */
    public function wantedFirstPourGrams(): float
    {
        return $this->isAsPlanned() || $this->plan->waterGrams <= 0
            ? $this->plan->firstPourGrams
            : Rounding::toStep($this->wantedWaterGrams() * $this->plan->firstPourGrams / $this->plan->waterGrams, $this->plan->resolutionGrams);
    }

    /** Whether every line that is in was weighed as planned, to the step of the scale. */
    public function isAsPlanned(): bool
    {
        foreach ($this->plan->lines as $line) {
            if (abs($this->gramsOf($line) - $line->grams) > 0.5 * $this->plan->resolutionGrams) {
                return false;
            }
        }

        return true;
    }

    /** Pieces to divide the dough in: as planned, or as the cook wished with the last correction. */
    public function count(): int
    {
        return $this->tally->count ?? $this->plan->count;
    }

    /** Whether every line and the first pour are in. */
    public function isWhole(): bool
    {
        return $this->tally->pouredGrams > 0 && array_filter($this->plan->lines, fn (LineOfPlan $line): bool => ! isset($this->tally->gramsByIngredient[$line->ingredient])) === [];
    }

    public function feltBy(): ?string
    {
        return $this->tally->feltBy;
    }

    public function doughGrams(): float
    {
        return array_sum(array_column($this->lines(), 'grams')) + $this->waterGrams();
    }

    /**
     * Dough of this batch if all lines go in: measured ones as measured, the others as planned. Once the dough
     * has been felt, its water is what is in it; before, what is planned will still be poured.
     */
    public function wholeDoughGrams(): float
    {
        return $this->plannedOrMeasured(static fn (LineOfPlan $line): bool => true)
            + $this->dryMixGrams($this->tally->correctionFlourGrams) + ($this->tally->lastFeel !== null ? $this->waterGrams() : max($this->waterGrams(), $this->wantedWaterGrams()));
    }

    /** What a piece will weigh if this dough is divided as planned. */
    public function pieceGrams(): float
    {
        return Rounding::toStep($this->wholeDoughGrams() * $this->plan->keptShare, $this->plan->resolutionGrams) / $this->count();
    }

    /** Dry mix (flour with its salt and binder) that goes with so much flour. */
    public function dryMixGrams(float $flourGrams): float
    {
        return array_sum($this->dryMix($flourGrams));
    }

    /** @return array<string, float> grams by ingredient of the dry mix that holds so much flour */
    public function dryMix(float $flourGrams): array
    {
        $base = $this->weighedFlourGrams();
        $mix = [];
        foreach ($this->plan->lines as $line) {
            if ($line->role->goesWithFlour()) {
                $mix[$line->ingredient] = $this->gramsOf($line) * $flourGrams / $base;
            }
        }

        return $mix;
    }

    public function correctionFor(FeelGrade $grade): Correction
    {
        return Correction::of($grade, $this->flourBaseGrams(), $this->waterGrams() + $this->broughtGrams(), $this->plan->resolutionGrams);
    }

    /** Water that lines bring with them, as they were weighed. */
    private function broughtGrams(): float
    {
        return array_sum(array_map(fn (LineOfPlan $line): float => $line->broughtByGram() * $this->gramsOf($line), $this->plan->lines));
    }

    /** @return list<BowlLine> */
    public function lines(): array
    {
        $perFlour = $this->plan->waterPerFlour();
        $extra = $this->dryMix($this->tally->correctionFlourGrams);

        return array_map(fn (LineOfPlan $line): BowlLine => new BowlLine(
            $line,
            ($this->tally->gramsByIngredient[$line->ingredient] ?? 0.0) + ($extra[$line->ingredient] ?? 0.0),
            isset($this->tally->gramsByIngredient[$line->ingredient]),
            ($line->role->isFlourBase() ? $perFlour : 0.0) - $line->broughtByGram(),
        ), $this->plan->lines);
    }

    /** @return list<array{ingredient: string, name: string, grams: float}> lines that were not weighed yet; once water is in, nothing more is */
    public function stillToWeigh(): array
    {
        if ($this->waterGrams() > 0) {
            return [];
        }
        $open = array_filter($this->lines(), static fn (BowlLine $line): bool => ! $line->isMeasured);

        return array_values(array_map(static fn (BowlLine $line): array => ['ingredient' => $line->planned->ingredient, 'name' => $line->planned->name, 'grams' => $line->planned->grams], $open));
    }

    /** Flour base without what corrections brought; of a line that is not in yet, as planned. */
    private function weighedFlourGrams(): float
    {
        return $this->plannedOrMeasured(static fn (LineOfPlan $line): bool => $line->role->isFlourBase());
    }

    private function gramsOf(LineOfPlan $line): float
    {
        return $this->tally->gramsByIngredient[$line->ingredient] ?? $line->grams;
    }

    /** @param callable(LineOfPlan): bool $counts */
    private function plannedOrMeasured(callable $counts): float
    {
        return array_sum(array_map(fn (LineOfPlan $line): float => $counts($line) ? $this->gramsOf($line) : 0.0, $this->plan->lines));
    }
}
