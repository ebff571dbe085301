<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Tightening;
use StoneMill\Dough\WeighedExtra;
use StoneMill\Griddle\Face;
use StoneMill\Griddle\FinishRound;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Label\Caution;
use StoneMill\Label\Cost;
use StoneMill\Label\Helping;
use StoneMill\Label\Keeping;
use StoneMill\Label\Label;
use StoneMill\Label\Serving;
use StoneMill\Line\PlannedLine;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\School\WorkStep;
use StoneMill\Shape\Carrying;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Packing;
use StoneMill\Shape\Portions;

/** A batch worked out from choice to stack; every number can say why. */
final readonly class BatchPlan
{
    private const COURSE_STEPS = 16;

    private const LEAST_COURSE_MINUTES = 20.0;

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

    /** @return array<string, mixed> the document of formats/batch-plan.schema.json */
    public function toArray(): array
    {
        return [
            'style' => ['id' => $this->request->style->id, 'name' => $this->request->style->name],
            'purpose' => $this->request->purpose?->value,
            'method' => $this->request->method->toArray(),
            ...(new DoughSection($this->request, $this->dough))->toArray(),
            'steps' => array_map(static fn (WorkStep $step): array => $step->toArray(), [...$this->request->addingOrder()->steps(), ...(new Serving($this->request->purpose, $this->disc->thicknessMillimetres, $this->piece->extras))->steps()]),
            'extras' => array_map(static fn (WeighedExtra $extra): array => $extra->toArray(), $this->piece->extras),
            'portion' => $this->portion(),
            'shape' => $this->shape(),
            'griddle' => $this->griddle(),
            'rest' => $this->rest(),
            'stack' => [
                'seconds' => $this->request->style->stackSeconds, 'after' => $this->request->method->after->value,
                'keep' => $this->keeping->toArray(),
            ],
            'line' => $this->line->toArray(),
            'label' => [
                ...$this->label->toArray($this->eachTakes()),
                'serving' => (new Helping($this->portions->count, $this->eachTakes(), $this->portions->pieceGrams(), $this->piece->extras))->toArray(),
                'cost' => $this->cost->toArray($this->portions->count),
                'budget' => $this->budget(),
            ],
            'cautions' => array_map(static fn (Caution $caution): array => $caution->toArray(), $this->cautions),
            'warnings' => array_map(static fn (Warning $warning): array => $warning->toArray(), $this->warnings),
            'learned' => (new LearnedSection($this))->toArray(),
            'moved_by' => $this->movedBy(),
            'portrait' => Portrait::of($this)->toArray(),
        ];
    }

    /** @return array<string, mixed> how the dough waits, and where */
    private function rest(): array
    {
        $rests = $this->request->rests;
        $place = $rests->place($this->request->method->rest);
        $tightening = $this->tightening($this->restSeconds / 60);

        return [
            'seconds' => $this->restSeconds,
            'place' => $place->value,
            'words' => $place->inWords(),
            'stand_seconds' => (int) round(60 * $rests->standMinutes),
            'second_seconds' => (int) round(60 * $rests->secondMinutes),
            'second_words' => $rests->secondPlace->inWords(),
            'tightens_points' => round($tightening->points, 2),
            'tightens' => $tightening->inWords(),
            'course' => $tightening->isFelt() ? $this->tighteningCourse() : [],
        ];
    }

    /** Pieces that one eater takes, of those that there are. */
    private function eachTakes(): int
    {
        return min($this->portions->count, $this->request->pieces->eachTakes ?? PieceWish::forOneEater($this->portions->pieceGrams()));
    }

    private function tightening(float $minutes): Tightening
    {
        return Tightening::of($this->dough->ledger, $this->dough->drawnGrams($minutes), $minutes);
    }

    /** @return list<array{minutes: float, points: float}> how much drier the dough feels, while it rests and a little beyond */
    private function tighteningCourse(): array
    {
        $until = max(self::LEAST_COURSE_MINUTES, 1.5 * $this->restSeconds / 60);

        return array_map(function (int $step) use ($until): array {
            $minutes = $until * $step / self::COURSE_STEPS;

            return ['minutes' => round($minutes, 2), 'points' => round($this->tightening($minutes)->points, 2)];
        }, range(0, self::COURSE_STEPS));
    }

    /** @return array<string, mixed>|null whether a piece keeps to the carbohydrate budget, and the largest that would */
    private function budget(): ?array
    {
        $budget = $this->request->netCarbohydrateBudgetGrams;
        if ($budget === null) {
            return null;
        }
        $perGram = $this->label->carbohydratePer100GramsRaw() / 100;
        $beside = $this->label->carbohydrateBesideGrams();
        $likely = $perGram * $this->disc->grams + $beside;

        return [
            'net_carbohydrate_grams' => $budget,
            'met' => $likely <= $budget,
            'largest_piece_grams' => Figure::exact(
                $perGram > 0 ? min(Limits::MOST_PIECE_GRAMS, max(0.0, $budget - $beside) / $perGram) : Limits::MOST_PIECE_GRAMS,
                Unit::Gram,
                Reason::amount('Net carbohydrate in 100 g of dough', 100 * $perGram, Unit::Gram),
                Reason::amount('At most in a piece', $budget, Unit::Gram),
            )->toArray(),
        ];
    }

    /** @return array<string, mixed> */
    private function portion(): array
    {
        $portions = $this->portions;

        return [
            'mixed_grams' => Figure::exact($portions->mixedGrams, Unit::Gram, Reason::saying('All lines and the water.'))->toArray(),
            'lost_grams' => Figure::spread($portions->lostGrams, Unit::Gram, Reason::saying('What stays on bowl, spoon and hands.'), ...$this->said(LearnedKind::BowlLoss))->toArray(),
            'dough_grams' => Figure::exact(
                $portions->countdown->readingGrams,
                Unit::Gram,
                Reason::amount('Mixed', $portions->mixedGrams, Unit::Gram),
                Reason::amount('less', $portions->lostGrams->likely, Unit::Gram),
                Reason::saying('as the scale shows it.'),
            )->toArray(),
            'piece_grams' => Figure::spread(
                $this->uneven($portions->pieceGrams()),
                Unit::Gram,
                Reason::amount('Dough', $portions->countdown->readingGrams, Unit::Gram),
                Reason::saying(sprintf('in %d equal pieces.', $portions->count)),
                ...$this->said(LearnedKind::Evenness),
            )->toArray(),
            'count' => $portions->count,
            'marks' => $portions->countdown->marks,
            'resolution_grams' => $portions->countdown->resolutionGrams,
            'divided_by' => $this->request->pieces->dividing->value,
            'differ' => $this->differ(),
        ];
    }

    /** @return array<string, mixed> */
    private function shape(): array
    {
        return [
            'diameter_mm' => Figure::exact(
                $this->disc->diameterMillimetres,
                Unit::Millimetre,
                Reason::amount($this->piece->stuffed === null ? 'Piece' : 'Piece with its filling', $this->disc->grams, Unit::Gram),
                Reason::amount('Thickness', $this->disc->thicknessMillimetres, Unit::Millimetre),
                Reason::amount('Dough density', $this->disc->gramsPerMillilitre, Unit::GramPerMillilitre),
            )->toArray(),
            'thickness_mm' => Figure::exact(
                $this->disc->thicknessMillimetres,
                Unit::Millimetre,
                Reason::amount('Usual for this style', $this->request->style->thicknessMillimetres, Unit::Millimetre),
                ...$this->thickerForPurpose(),
                ...$this->thickerForFilling(),
                ...$this->said(LearnedKind::Thickness),
            )->toArray(),
            'cooked_diameter_mm' => Figure::exact($this->cookedDiameterMillimetres(), Unit::Millimetre, Reason::saying('Rounds of this style draw in a little on the griddle.'))->toArray(),
            'uncovered_seconds' => $this->request->style->uncoveredSeconds,
            'stuffed' => $this->piece->stuffed?->toArray(),
            'carry' => $this->carrying->toArray(),
            'length_share' => round($this->request->pieces->oblong->lengthShare, 4),
            'width_share' => round($this->request->pieces->oblong->widthShare, 4),
        ];
    }

    /** @return list<Reason> */
    private function thickerForPurpose(): array
    {
        $purpose = $this->request->purpose;
        $wished = $this->request->wishedThicknessMillimetres();

        return $purpose === null || abs($wished - $this->request->style->thicknessMillimetres) < 0.01 || $this->request->pieces->thicknessMillimetres !== null
            ? [] : [Reason::amount('To '.$purpose->inWords(), $wished, Unit::Millimetre)];
    }

    /** @return list<Reason> why a filled bread is thicker than its kind */
    private function thickerForFilling(): array
    {
        $stuffed = $this->piece->stuffed;

        return $stuffed === null ? [] : [
            Reason::amount('Filling in it', $stuffed->fillingGrams, Unit::Gram),
            Reason::amount('Thinnest at which its wall still holds', $stuffed->leastThicknessMillimetres(), Unit::Millimetre),
        ];
    }

    /** Rounds draw in a little on the griddle. */
    public function cookedDiameterMillimetres(): float
    {
        return $this->disc->diameterMillimetres * $this->request->style->cookedDiameterFactor;
    }

    /** @return array{thickness_times: float, colour_times: float, loss_points: float} what the record moved: what comes is held against what would be without it */
    private function movedBy(): array
    {
        $of = fn (LearnedKind $kind, float $none): float => round($this->request->experience->of($kind)->value ?? $none, 4);

        return ['thickness_times' => $of(LearnedKind::Thickness, 1.0), 'colour_times' => $of(LearnedKind::Colour, 1.0), 'loss_points' => $of(LearnedKind::WeightLoss, 0.0)];
    }

    /** @return array{words: string, grams: array{low: float, high: float}, thickness_mm: array{low: float, high: float}, seconds: array{low: float, high: float}}|null how unlike the pieces are, pressed to one width: an uneven piece is thicker or thinner and lies longer or shorter */
    private function differ(): ?array
    {
        $dividing = $this->request->pieces->dividing;
        $grams = $this->uneven($this->portions->pieceGrams());
        if ($dividing->relativeDeviation() === 0.0) {
            return null;
        }
        $band = static fn (float $of, float $power): array => ['low' => round($of * ($grams->low / $grams->likely) ** $power, 2), 'high' => round($of * ($grams->high / $grams->likely) ** $power, 2)];

        return [
            'words' => $dividing->inWords(),
            'grams' => $band($grams->likely, 1.0),
            'thickness_mm' => $band($this->disc->thicknessMillimetres, 1.0),
            'seconds' => $band($this->turns->lift->atSeconds, StyleTurnPlanner::THICKNESS_EXPONENT),
        ];
    }

    /** A piece as this cook's hands make it; exact where nobody weighed them yet. */
    private function uneven(float $grams): Spread
    {
        $reach = Spread::DECILE_DEVIATIONS * min(self::MOST_UNEVEN, $this->request->experience->of(LearnedKind::Evenness)->value ?? $this->request->pieces->dividing->relativeDeviation()) * $grams;

        return Spread::of($grams - $reach, $grams, $grams + $reach);
    }

    /** @return list<Reason> what the record says of it */
    private function said(LearnedKind $kind): array
    {
        $learned = $this->request->experience->of($kind);

        return $learned === null ? [] : [Reason::saying($kind->inWords($learned))];
    }

    /** @return array<string, mixed>|null load after load; null for what never lies on the hob */
    private function stride(): ?array
    {
        $stride = $this->turns->stride;

        return $stride === null ? null : [
            'wanted_celsius' => round($stride->wantedCelsius, 1),
            'bare_celsius' => round($stride->bareCelsius, 1),
            'place_celsius' => round($stride->laidCelsius, 1),
            'flame_times' => round($stride->flameTimes($this->request->room->celsius), 2),
            'holds' => $stride->holds(),
            // A cook who names times means the clock.
            'first_share' => $this->request->griddle->own === null ? round($stride->firstShare, 3) : 1.0,
        ];
    }

    /** @return array<string, mixed> */
    private function griddle(): array
    {
        return [
            'surface_celsius' => $this->turns->surfaceCelsius->toArray(),
            'done_celsius' => $this->turns->doneCelsius,
            'stride' => $this->stride(),
            'tool' => ['id' => $this->request->gear->griddleId, 'setting' => $this->request->setting()?->name, 'celsius' => round($this->request->surfaceCelsius(), 1)],
            'preheat_seconds' => (int) round($this->request->preheatSeconds()),
            'turns' => array_map(static fn (TurnWindow $turn): array => $turn->toArray(), $this->turns->turns),
            'lift' => $this->turns->lift->toArray(),
            'finish' => $this->turns->finish,
            'finish_seconds' => $this->turns->finishSeconds,
            'finish_rounds' => array_map(static fn (FinishRound $round): array => $round->toArray(), $this->turns->rounds),
            'finish_holds' => $this->request->gear->ovenHolds($this->disc->diameterMillimetres, $this->request->pieces->oblong),
            'oven_celsius' => $this->request->gear->oven->air($this->request->room->celsius)->ovenCelsius,
            'weight_loss_percent' => $this->turns->weightLossPercent->toArray(),
            'faces' => array_map(fn (Face $face): array => $face->toArray(...$this->said(LearnedKind::Colour)), $this->turns->faces),
            'basis' => $this->turns->basis,
            'centre_celsius' => $this->turns->centreCelsius?->toArray(),
            'places' => $this->packing->places,
            'pans_mm' => $this->request->gear->usesPans() ? $this->request->gear->panMillimetres : null,
        ];
    }
}
