<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Tightening;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Label\Caution;
use StoneMill\Label\Cost;
use StoneMill\Label\Helping;
use StoneMill\Label\Keeping;
use StoneMill\Label\Label;
use StoneMill\Label\Serving;
use StoneMill\Line\PlannedLine;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\School\WorkStep;
use StoneMill\Shape\Carrying;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Packing;
use StoneMill\Shape\Portions;

/** A batch worked out from choice to stack; every number can say why. */
final readonly class BatchPlan
{
    /** No hand divides worse than this. */
    private const MOST_UNEVEN = 0.4;

    /** Of the piece as it is laid. */
    public Disc $disc;

    /**
     * @param list<Caution> $cautions
     * @param list<Warning> $warnings
     */
    public function __construct(
        public PlanRequest $request,
        public DoughPlan $dough,
        public Portions $portions,
        public Piece $piece,
        public Carrying $carrying,
        public Packing $packing,
        public TurnPlan $turns,
        public PlannedLine $line,
        public Label $label,
        public Keeping $keeping,
        public Cost $cost,
        public int $restSeconds,
        public array $cautions,
        public array $warnings,
    ) {
        $this->disc = $piece->disc;
    }

    /** @return list<WorkStep> on the way into the dough, and on the way to the eater */
    public function steps(): array
    {
        return [...$this->request->addingOrder()->steps(), ...(new Serving($this->request->purpose, $this->disc->thicknessMillimetres, $this->piece->extras))->steps()];
    }

    public function helping(): Helping
    {
        return new Helping($this->portions->count, $this->eachTakes(), $this->portions->pieceGrams(), $this->piece->extras);
    }

    /** Pieces that one eater takes, of those that there are. */
    public function eachTakes(): int
    {
        return min($this->portions->count, $this->request->pieces->eachTakes ?? PieceWish::forOneEater($this->portions->pieceGrams()));
    }

    /** How much drier the dough feels after so many minutes of rest. */
    public function tightening(float $minutes): Tightening
    {
        return Tightening::of($this->dough->ledger, $this->dough->drawnGrams($minutes), $minutes);
    }

    /** Whether a piece keeps to the carbohydrate budget; null where none was set. */
    public function budget(): ?CarbohydrateBudget
    {
        return $this->request->netCarbohydrateBudgetGrams === null ? null : CarbohydrateBudget::of($this->label, $this->disc->grams, $this->request->netCarbohydrateBudgetGrams);
    }

    /** Rounds draw in a little on the griddle. */
    public function cookedDiameterMillimetres(): float
    {
        return $this->disc->diameterMillimetres * $this->request->style->cookedDiameterFactor;
    }

    /** How unlike the pieces are, pressed to one width: an uneven piece is thicker or thinner and lies longer or shorter. Null where they are weighed. */
    public function unevenness(): ?Unevenness
    {
        $dividing = $this->request->pieces->dividing;

        return $dividing->relativeDeviation() === 0.0 ? null
            : Unevenness::of($dividing->inWords(), $this->pieceSpread(), $this->disc->thicknessMillimetres, $this->turns->lift->atSeconds);
    }

    /** A piece as this cook's hands make it; exact where nobody weighed them yet. */
    public function pieceSpread(): Spread
    {
        $grams = $this->portions->pieceGrams();
        $reach = Spread::DECILE_DEVIATIONS * min(self::MOST_UNEVEN, $this->request->experience->of(LearnedKind::Evenness)->value ?? $this->request->pieces->dividing->relativeDeviation()) * $grams;

        return Spread::of($grams - $reach, $grams, $grams + $reach);
    }

    /** By how much the record moved what comes, held against what would be without it. */
    public function moved(LearnedKind $kind, float $none): float
    {
        return $this->request->experience->of($kind)->value ?? $none;
    }

    /** @return list<Reason> what the record says of it */
    public function said(LearnedKind $kind): array
    {
        $learned = $this->request->experience->of($kind);

        return $learned === null ? [] : [Reason::saying($kind->inWords($learned))];
    }

    /** Whether another plan comes to the same bread in the same way, whatever it was asked by. */
    public function comesToTheSameAs(self $other): bool
    {
        $said = static fn (self $plan): array => [
            $plan->request->style, $plan->request->method, $plan->request->gear, $plan->dough, $plan->portions, $plan->piece, $plan->carrying, $plan->packing,
            $plan->turns, $plan->line, $plan->label, $plan->keeping, $plan->cost, $plan->restSeconds, $plan->request->rests, $plan->cautions, $plan->warnings,
        ];

        return $said($this) == $said($other);
    }
}
