<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\WeighedLine;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Griddle\TurnSchool;
use StoneMill\Label\GlutenStatus;
use StoneMill\Label\Hazard;
use StoneMill\Label\Label;
use StoneMill\Line\Durations;
use StoneMill\Line\LineBuilder;
use StoneMill\Pantry\Composition;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Portions;
use StoneMill\Shape\Shaping;

/** The front door: a request in, the whole batch plan out. */
final readonly class Planner
{
    private const DOUGH_CELSIUS = 30.0;

    /** Below this the label's carbohydrate is likely to be read as a diet's. */
    private const LOW_CARBOHYDRATE_PER_100_GRAMS = 15.0;

    public function __construct(private Reference $reference, private TurnPlanner $turnPlanner)
    {
    }

    /** @throws InvalidInput If the wishes cannot be met together; the message names the one to change. */
    public function plan(PlanRequest $request): BatchPlan
    {
        $doughPlanner = new DoughPlanner($request);
        $dough = $doughPlanner->plan($request->formula->flourBaseGrams() ?? $this->flourForPieces($request, $doughPlanner));
        $water = new WeighedLine($this->reference->catalogue->ingredient('water'), $dough->pour->grams, 0.0, null);
        $density = $this->density($request, $dough, $water);
        $portions = $this->portions($request, $dough, $density);
        $disc = $this->disc($request, $portions->pieceGrams(), $density);
        $turns = $this->turnPlanner->plan(new Laying(
            $request->style,
            $request->method->turns,
            $disc->thicknessMillimetres,
            $request->surfaceCelsius ?? $request->style->surfaceCelsius->likely,
        ));
        $packing = $request->gear->packing($disc->diameterMillimetres);
        $label = Label::of($dough->linesWithWater($water), $portions->pieceGrams(), $request->style->weightLossPercent, $request->certifiedLots);

        return new BatchPlan(
            request: $request,
            dough: $dough,
            portions: $portions,
            disc: $disc,
            packing: $packing,
            turns: $turns,
            line: LineBuilder::build($this->durations($request, $dough), $turns, $portions->count, count($packing->places), $request->hands),
            label: $label,
            cautions: $this->reference->cautions->for($this->hazards($request, $dough, $label, $turns)),
            warnings: (new Warnings($request))->about($dough, $disc, $portions->pieceGrams(), $turns->surfaceCelsius->value),
        );
    }

    /** Flour for a formula in percent: as much as the wanted pieces need. */
    private function flourForPieces(PlanRequest $request, DoughPlanner $planner): float
    {
        $count = $request->pieces->count ?? $request->style->pieceCount;
        $flour = $count * $request->style->pieceGrams / 2;
        // The bowl takes less of a large dough's heat, so the hydration leans a little on the size; three rounds settle it.
        for ($round = 0; $round < 3; $round++) {
            $pieceGrams = $this->wishedPieceGrams($request, $planner, $flour);
            $flour = Portions::mixedFor($count * $pieceGrams) / $planner->doughPerFlour($flour);
        }
        if ($flour > Limits::MOST_GRAMS) {
            throw InvalidInput::at('pieces', 'So many pieces of that size want too much flour.', round($flour), sprintf('at most %d g of flour', Limits::MOST_GRAMS));
        }

        return $flour;
    }

    private function wishedPieceGrams(PlanRequest $request, DoughPlanner $planner, float $flourGrams): float
    {
        $wish = $request->pieces;
        if ($wish->diameterMillimetres === null || $wish->gramsEach !== null) {
            return $wish->gramsEach ?? $request->style->pieceGrams;
        }
        $dough = $planner->plan($flourGrams);
        $water = new WeighedLine($this->reference->catalogue->ingredient('water'), $dough->pour->grams, 0.0, null);

        return $this->wishedDiscGrams($request, $this->density($request, $dough, $water));
    }

    private function wishedDiscGrams(PlanRequest $request, float $density): float
    {
        $wish = $request->pieces;

        return $wish->diameterMillimetres === null
            ? $wish->gramsEach ?? $request->style->pieceGrams
            : Disc::ofDiameterAndThickness($wish->diameterMillimetres, $wish->thicknessMillimetres ?? $request->style->thicknessMillimetres, $density)->grams;
    }

    /** Dough density in g/mL: its parts' by Choi and Okos, less the air worked in. */
    private function density(PlanRequest $request, DoughPlan $dough, WeighedLine $water): float
    {
        $parts = array_map(
            static fn (WeighedLine $line): array => ['composition' => $line->ingredient->composition, 'grams' => $line->grams],
            $dough->linesWithWater($water),
        );

        return Composition::mixed($parts)->densityAt(self::DOUGH_CELSIUS) * (1 - $request->style->airShare);
    }

    private function portions(PlanRequest $request, DoughPlan $dough, float $density): Portions
    {
        $left = Portions::leftGrams($dough->mixedGrams());
        $size = $request->pieces->gramsEach ?? $this->wishedDiscGrams($request, $density);
        $count = $request->pieces->count ?? ($request->formula->isScalable() ? $request->style->pieceCount : max(1, (int) round($left / $size)));
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

        return Portions::ofDough($dough->mixedGrams(), $count, $request->gear->scaleResolutionGrams);
    }

    private function disc(PlanRequest $request, float $pieceGrams, float $density): Disc
    {
        $wish = $request->pieces;

        return $wish->diameterMillimetres !== null && $wish->thicknessMillimetres === null && $wish->gramsEach !== null
            ? Disc::ofWeightAndDiameter($pieceGrams, $wish->diameterMillimetres, $density)
            : Disc::ofWeightAndThickness($pieceGrams, $wish->thicknessMillimetres ?? $request->style->thicknessMillimetres, $density);
    }

    private function durations(PlanRequest $request, DoughPlan $dough): Durations
    {
        return new Durations(
            lines: count($dough->lines),
            knead: $request->method->knead->seconds(),
            handWarm: 60 * $dough->handWarmMinutes->value,
            rest: $request->method->rest->seconds(),
            shapePiece: $request->method->shape->secondsPerPiece(),
            preheat: $request->style->preheatSeconds,
            stack: $request->style->stackSeconds,
        );
    }

    /** @return list<Hazard> */
    private function hazards(PlanRequest $request, DoughPlan $dough, Label $label, TurnPlan $turns): array
    {
        $ingredients = array_map(static fn (WeighedLine $line): Ingredient => $line->ingredient, $dough->lines);
        $has = static fn (callable $test): bool => array_filter($ingredients, $test) !== [];

        return array_map(Hazard::from(...), array_keys(array_filter([
            Hazard::HotWater->value => $dough->waterCelsius >= 60 || $request->method->scald->potShare() > 0,
            Hazard::SwellingBinder->value => $has(static fn (Ingredient $ingredient): bool => $ingredient->role === Role::Binder),
            Hazard::LeverPress->value => $request->method->shape === Shaping::LeverPress,
            Hazard::Liner->value => $request->method->shape->needsLiner(),
            Hazard::Puff->value => $request->method->turns === TurnSchool::ThreeWithPress || $turns->finish === 'flame',
            Hazard::Greased->value => $request->method->grease->usesFat(),
            Hazard::FlameFinish->value => $turns->finish === 'flame',
            Hazard::Allergens->value => $label->allergens !== [],
            Hazard::GlutenUnknown->value => $label->gluten === GlutenStatus::CrossContactUnknown,
            Hazard::Oats->value => $has(static fn (Ingredient $ingredient): bool => $ingredient->gluten === GlutenNature::NeedsCertification),
            Hazard::Wheat->value => $label->gluten === GlutenStatus::ContainsWheat,
            Hazard::LowCarb->value => $label->carbohydratePer100GramsRaw() < self::LOW_CARBOHYDRATE_PER_100_GRAMS,
        ])));
    }
}
