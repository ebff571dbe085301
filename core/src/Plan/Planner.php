<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\WeighedLine;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Label\Cost;
use StoneMill\Label\GlutenStatus;
use StoneMill\Label\Hazard;
use StoneMill\Label\Keeping;
use StoneMill\Label\Label;
use StoneMill\Line\Effort;
use StoneMill\Measure\Memory;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\School\Finish;
use StoneMill\School\Purpose;
use StoneMill\School\Shaping;
use StoneMill\School\TurnSchool;
use StoneMill\School\Worked;
use StoneMill\Shape\Carrying;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Packing;
use StoneMill\Shape\Portions;

/** The front door: a request in, the whole batch plan out. */
final readonly class Planner
{
    private const DOUGH_CELSIUS = 30.0;

    /** From here on a batter or dough waits in the cold. */
    private const LONG_WAIT_SECONDS = 7200;

    /** Below this the label's carbohydrate is likely to be read as a diet's. */
    private const LOW_CARBOHYDRATE_PER_100_GRAMS = 15.0;

    public function __construct(private Reference $reference, private TurnPlanner $turnPlanner, private Effort $effort = Effort::Search, private Memory $memory = new Memory)
    {
    }

    /** @throws InvalidInput If the wishes cannot be met together; the message names the one to change. */
    public function plan(PlanRequest $request): BatchPlan
    {
        $dough = $this->dough($request);
        $lines = $dough->linesWithWater($this->reference->catalogue->ingredient('water'));
        $density = $this->density($request, $lines);
        $portions = $this->portions($request, $dough, $density);
        $piece = Piece::of($request, $dough, $lines, $portions->pieceGrams(), $portions->count, $density);
        $disc = $piece->disc;
        $carrying = Carrying::of($request->pieces->oblong->longMillimetres($disc->diameterMillimetres), $request->method->shape, $dough->bindingShare(), $dough->pointsOverNeed(), $request->carry->liner, $request->carry->over);
        $packing = $request->gear->packing($disc->diameterMillimetres, $request->pieces->oblong);
        $restSeconds = $this->restSeconds($request, $dough);
        $laying = self::laid($request, $piece, $dough, $restSeconds, $packing);
        $turns = $request->griddle->own?->bake($this->turnPlanner->settled($laying))->plan() ?? $this->turnPlanner->plan($laying);
        $turns = $turns->known($request->experience->of(LearnedKind::WeightLoss), $request->setting()?->inWords());
        $label = Label::of($piece->baked, $disc->grams, $turns->lossSpread(), $request->certifiedLots(), $piece->beside());

        return new BatchPlan(
            request: $request,
            dough: $dough,
            portions: $portions,
            piece: $piece,
            carrying: $carrying,
            packing: $packing,
            turns: $turns,
            line: (new LinePlanner($request, $dough, $disc, $carrying, $turns, $restSeconds, $this->effort, $this->memory))->plan($portions->count, count($packing->places)),
            label: $label,
            keeping: new Keeping($request->method->after, $disc->thicknessMillimetres, $disc->diameterMillimetres, $portions->count, $piece->baked, $request->room->celsius),
            cost: Cost::of([...$dough->lines, ...$piece->extraLines()], $request->lots),
            restSeconds: $restSeconds,
            cautions: $this->reference->cautions->for($this->hazards($request, $dough, $piece, $label, $turns, $restSeconds)),
            warnings: (new Warnings($request))->about($dough, $piece, $carrying, $portions, $turns),
        );
    }

    /**
     * What the plan would lay on the griddle.
     *
     * @throws InvalidInput If the wishes cannot be met together.
     */
    public function laying(PlanRequest $request): Laying
    {
        $dough = $this->dough($request);
        $lines = $dough->linesWithWater($this->reference->catalogue->ingredient('water'));
        $density = $this->density($request, $lines);
        $portions = $this->portions($request, $dough, $density);
        $piece = Piece::of($request, $dough, $lines, $portions->pieceGrams(), $portions->count, $density);

        return self::laid($request, $piece, $dough, $this->restSeconds($request, $dough), $request->gear->packing($piece->disc->diameterMillimetres, $request->pieces->oblong));
    }

    /**
     * The same load after load, in the stride of its griddle.
     *
     * @throws InvalidInput If the wishes cannot be met together.
     */
    public function settled(PlanRequest $request): Laying
    {
        return $this->turnPlanner->settled($this->laying($request));
    }

    /**
     * How many pieces the plan would make, before anything is baked or put in order.
     *
     * @throws InvalidInput If the wishes cannot be met together.
     */
    public function pieces(PlanRequest $request): int
    {
        $dough = $this->dough($request);

        return $this->portions($request, $dough, $this->density($request, $dough->linesWithWater($this->reference->catalogue->ingredient('water'))))->count;
    }

    private function dough(PlanRequest $request): DoughPlan
    {
        $formula = $request->formula;
        $planner = new DoughPlanner($request, $formula);
        $own = $formula->flourBaseGrams();
        if ($request->scale === null) {
            return $planner->plan($own ?? $this->flourForPieces($request, $planner));
        }
        $wanted = $request->scale->flourBaseGrams($formula) ?? $this->flourForDough($request, $planner, (float) $request->scale->doughGrams);
        if ($wanted > Limits::MOST_GRAMS || $wanted < 1) {
            throw InvalidInput::at('formula.scale', 'That comes to a flour base outside what can be planned.', round($wanted, 2), sprintf('from 1 to %d g of flour', Limits::MOST_GRAMS));
        }

        return $own === null ? $planner->plan($wanted) : (new DoughPlanner($request, $formula->times($wanted / $own)))->plan($wanted);
    }

    /** Flour for so much dough; the hydration leans a little on the size, three rounds settle it. */
    private function flourForDough(PlanRequest $request, DoughPlanner $planner, float $doughGrams): float
    {
        $own = $request->formula->flourBaseGrams();
        if ($own !== null) {
            $flour = $own;
            for ($round = 0; $round < 3; $round++) {
                $flour *= $doughGrams / (new DoughPlanner($request, $request->formula->times($flour / $own)))->plan($flour)->mixedGrams();
            }

            return $flour;
        }
        $flour = $doughGrams / 2;
        for ($round = 0; $round < 3; $round++) {
            $flour = $doughGrams / $planner->doughPerFlour($flour);
        }

        return $flour;
    }

    /** Flour for a formula in percent: as much as the wanted pieces need. */
    private function flourForPieces(PlanRequest $request, DoughPlanner $planner): float
    {
        $count = $request->pieces->count ?? $request->style->pieceCount;
        $flour = $count * $request->style->pieceGrams / 2;
        // The bowl takes less of a large dough's heat, so the hydration leans a little on the size; three rounds settle it.
        for ($round = 0; $round < 3; $round++) {
            $pieceGrams = $this->wishedPieceGrams($request, $planner, $flour);
            $flour = Portions::mixedFor($count * $pieceGrams, $request->bowlLoss()) / $planner->doughPerFlour($flour);
            if ($flour > Limits::MOST_GRAMS) {
                throw InvalidInput::at('pieces', 'So many pieces of that size want too much flour.', round($flour), sprintf('at most %d g of flour', Limits::MOST_GRAMS));
            }
        }

        return $flour;
    }

    private function wishedPieceGrams(PlanRequest $request, DoughPlanner $planner, float $flourGrams): float
    {
        $wish = $request->pieces;
        if ($wish->diameterMillimetres === null || $wish->gramsEach !== null) {
            return $wish->gramsEach ?? $request->style->pieceGrams;
        }
        $lines = $planner->plan($flourGrams)->linesWithWater($this->reference->catalogue->ingredient('water'));

        return $this->wishedDiscGrams($request, $this->density($request, $lines));
    }

    private function wishedDiscGrams(PlanRequest $request, float $density): float
    {
        $wish = $request->pieces;

        return $wish->diameterMillimetres === null
            ? $wish->gramsEach ?? $request->style->pieceGrams
            : Disc::ofDiameterAndThickness($wish->diameterMillimetres, $request->wishedThicknessMillimetres(), $density)->grams;
    }

    /**
     * Dough density in g/mL: its parts' by Choi and Okos, less the air worked in.
     *
     * @param list<WeighedLine> $lines with the water
     */
    private function density(PlanRequest $request, array $lines): float
    {
        return WeighedLine::mixed($lines)->densityAt(self::DOUGH_CELSIUS) * (1 - $request->style->airShare);
    }

    private function portions(PlanRequest $request, DoughPlan $dough, float $density): Portions
    {
        $left = Portions::leftGrams($dough->mixedGrams(), $request->bowlLoss());
        $size = $request->pieces->gramsEach ?? $this->wishedDiscGrams($request, $density);
        $count = $request->pieces->count ?? ($request->formula->isScalable() && $request->scale === null ? $request->style->pieceCount : max(1, (int) round($left / $size)));
        if ($count > Limits::PIECES) {
            throw InvalidInput::at('pieces', 'This dough makes too many pieces of that size.', $count, sprintf('at most %d pieces', Limits::PIECES));
        }
        $least = max(Limits::LEAST_PIECE_GRAMS, $request->gear->scaleResolutionGrams);
        if ($left / $count < $least - $request->gear->scaleResolutionGrams) {
            throw InvalidInput::at('pieces', 'The pieces get too small.', round($left / $count, 2), sprintf('at least %s g a piece', $least));
        }
        if ($left / $count > 2 * Limits::MOST_PIECE_GRAMS) {
            throw InvalidInput::at('pieces', 'The pieces get too large.', round($left / $count, 2), sprintf('at most %d g a piece', 2 * Limits::MOST_PIECE_GRAMS));
        }

        return Portions::ofDough($dough->mixedGrams(), $count, $request->gear->scaleResolutionGrams, $request->bowlLoss());
    }

    /**
     * A bread of a size that the model of the griddle does not know is a wish for another size.
     */
    private static function laid(PlanRequest $request, Piece $piece, DoughPlan $dough, int $restSeconds, Packing $packing): Laying
    {
        return InvalidInput::unless(static fn (): Laying => OnTheGriddle::laying($request, $piece->baked, $request->rests->celsiusAfter($dough->kneadedCelsius, $restSeconds / 60, $request->method->rest), $piece->disc, $packing), 'pieces');
    }

    /** A dough with yeast waits until it has grown, unless the cook says how long; any other as long as its school says. */
    private function restSeconds(PlanRequest $request, DoughPlan $dough): int
    {
        $rise = $dough->rise?->minutes;

        return (int) round(60 * ($rise === null || $request->rests->isOwn() ? $request->rests->minutes($request->method->rest) : $rise->likely));
    }

    /** @return list<Hazard> */
    private function hazards(PlanRequest $request, DoughPlan $dough, Piece $piece, Label $label, TurnPlan $turns, int $restSeconds): array
    {
        $ingredients = array_map(static fn (WeighedLine $line): Ingredient => $line->ingredient, [...$dough->lines, ...$piece->extraLines()]);
        $has = static fn (callable $test): bool => array_filter($ingredients, $test) !== [];
        $carries = static fn (string $caution): bool => $has(static fn (Ingredient $ingredient): bool => in_array($caution, $ingredient->cautions, true));

        return array_map(Hazard::from(...), array_keys(array_filter([
            Hazard::HotWater->value => $dough->waterCelsius >= 60 || $request->potShare() > 0,
            Hazard::SwellingBinder->value => $has(static fn (Ingredient $ingredient): bool => $ingredient->role === Role::Binder || in_array('gums', $ingredient->cautions, true)),
            Hazard::Machine->value => $request->worked === Worked::Machine,
            Hazard::LeverPress->value => $request->method->shape === Shaping::LeverPress,
            Hazard::Liner->value => $request->method->shape->needsLiner(),
            Hazard::Puff->value => $request->method->turns === TurnSchool::ThreeWithPress || $turns->finish === Finish::Flame,
            Hazard::Split->value => $request->purpose === Purpose::Split || $request->purpose === null && in_array(Purpose::Split, $request->style->uses, true),
            Hazard::Greased->value => $request->method->grease->usesFat() || $piece->meetsTheIronWithFat(),
            Hazard::FlameFinish->value => $turns->finish === Finish::Flame,
            Hazard::Allergens->value => $label->allergens !== [],
            Hazard::GlutenUnknown->value => $label->gluten === GlutenStatus::CrossContactUnknown,
            Hazard::Oats->value => $has(static fn (Ingredient $ingredient): bool => $ingredient->gluten === GlutenNature::NeedsCertification),
            Hazard::Wheat->value => $label->gluten === GlutenStatus::ContainsWheat,
            Hazard::RawEgg->value => $carries('raw_egg'),
            Hazard::Caustic->value => $carries('caustic'),
            Hazard::Broiler->value => $turns->finish->isInTheOven(),
            Hazard::LongWait->value => $restSeconds + 60 * $request->rests->secondMinutes >= self::LONG_WAIT_SECONDS,
            Hazard::LowCarb->value => $label->carbohydratePer100GramsRaw() < self::LOW_CARBOHYDRATE_PER_100_GRAMS,
        ])));
    }
}
