<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Conditions;
use StoneMill\Dough\Formula;
use StoneMill\Dough\Ledger;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\Mixing;
use StoneMill\Dough\Pour;
use StoneMill\Dough\Rise;
use StoneMill\Dough\Warmth;
use StoneMill\Dough\WaterNeed;
use StoneMill\Dough\WaterParts;
use StoneMill\Dough\WeighedLine;
use StoneMill\Dough\Yeast;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\School\Measuring;
use StoneMill\School\Scald;
use StoneMill\School\Texture;

/** Finds the water: how much, how warm, how much of it first; and what the dough is then like. */
final readonly class DoughPlanner
{
    /** From the last fold to the last piece shaped, in minutes: salted vegetables go on weeping. Planning estimate. */
    private const HANDLING_MINUTES = 10.0;

    /** Beyond these, in % of flour, less yeast is no slower to speak of and more no faster. */
    private const LEAST_YEAST = 0.01;

    private const MOST_YEAST = 20.0;

    private const ROUNDS = 2;

    /** A scald is poured as it comes from the kettle, whatever else the formula says. */
    private const SCALDING_CELSIUS = 95.0;

    /** The style's own formula is compared by the percent, at a size where no rounding tells. */
    private const OWN_FLOUR_GRAMS = 1000.0;

    private const OWN_STEP_GRAMS = 0.1;

    /** The style's own dough, mixed the same way; asked at many temperatures, built once. */
    private Mixing $own;

    public function __construct(private PlanRequest $request, private Formula $formula)
    {
        $this->own = $this->mixing(
            $request->usualFormula()->weighed(self::OWN_FLOUR_GRAMS, Measuring::Weight, self::OWN_STEP_GRAMS),
            $request->style->texture,
        );
    }

    /** The dough for a flour base of this many grams. */
    public function plan(float $flourBaseGrams): DoughPlan
    {
        $request = $this->request;
        $resolution = $request->gear->scaleResolutionGrams;
        $lines = $this->lines($flourBaseGrams);
        $mixing = $this->mixing($lines);
        $wished = $this->wishedPercent($flourBaseGrams);
        [$ledger, $need, $waterCelsius, $short] = $this->water($mixing, $wished, $flourBaseGrams);
        $warmth = $mixing->warmth($need->grams(), $waterCelsius);
        $pour = Pour::of($this->grams($need, $ledger, $wished), $need->quantile($request->water->overshootRisk), $resolution);
        $mixCelsius = $mixing->celsius($pour->grams, $waterCelsius);
        $kneadedCelsius = $mixCelsius + $request->worked->warmsBy($request->method->knead);

        return new DoughPlan(
            lines: $lines,
            ledger: $ledger,
            conditions: $mixing->conditions(),
            need: $need,
            pour: $pour,
            waterCelsius: $waterCelsius,
            waterParts: WaterParts::of($pour->grams, $waterCelsius, $request->water->tapCelsius, $resolution),
            mixCelsius: $mixCelsius,
            kneadedCelsius: $kneadedCelsius,
            waterFigure: (new WaterReasons($request, $this->known($lines, $ledger)))->figure($pour, $ledger, $mixing->conditions(), $need, $wished),
            handWarmMinutes: $this->handWarm($mixCelsius, $pour->grams + array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines))),
            waterFallsShort: $short,
            scald: $this->scald($lines, $pour->grams, $ledger),
            rise: $this->rise($lines, $ledger->flourBaseGrams, $kneadedCelsius),
            bindingNeed: $request->style->bindingNeed($request->method->shape, $request->purpose),
            batterGrams: max(0.0, $this->mixing($lines, Texture::Batter)->ledgerAt($warmth)->neededGrams()),
            known: $this->known($lines, $ledger),
        );
    }

    /** Dough per gram of flour base, for a formula whose size the pieces decide. */
    public function doughPerFlour(float $flourBaseGrams): float
    {
        $lines = $this->lines($flourBaseGrams);
        $wished = $this->wishedPercent($flourBaseGrams);
        if ($wished === null) {
            [$ledger, $need] = $this->water($this->mixing($lines), null, $flourBaseGrams);
            $wished = 100 * $need->grams() / $ledger->flourBaseGrams;
        }

        return array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines)) / $flourBaseGrams + $wished / 100;
    }

    /** @return list<WeighedLine> */
    private function lines(float $flourBaseGrams): array
    {
        return $this->formula->weighed($flourBaseGrams, $this->request->method->measure, $this->request->gear->scaleResolutionGrams);
    }

    /** @param list<WeighedLine> $lines */
    private function mixing(array $lines, ?Texture $texture = null): Mixing
    {
        return $this->mixingIn($lines, $texture ?? $this->request->texture, $this->request->potShare(), $this->request->water->bowlCelsius);
    }

    /** @param list<WeighedLine> $lines */
    private function mixingIn(array $lines, Texture $texture, float $potShare, ?float $bowlCelsius): Mixing
    {
        $method = $this->request->method;
        $minutes = self::HANDLING_MINUTES + $this->request->kneadSeconds() / 60 + $this->request->rests->minutes($method->rest);

        return new Mixing($lines, Conditions::of($lines, $texture, $potShare, $this->request->room, $minutes), $bowlCelsius);
    }

    private function wishedPercent(float $flourBaseGrams): ?float
    {
        return $this->request->water->hydrationPercent ?? $this->formula->wishedHydrationPercent($flourBaseGrams);
    }

    /** @return array{Ledger, WaterNeed, float, bool} ledger, what is wanted, the water's temperature, whether it cannot reach the wished dough temperature */
    private function water(Mixing $mixing, ?float $wishedPercent, float $flourBaseGrams): array
    {
        $doughCelsius = $this->request->water->doughCelsius;
        $coldest = WaterParts::coldest($this->request->water->tapCelsius);
        $celsius = null;
        if ($doughCelsius !== null) {
            $warmth = Warmth::even($doughCelsius);
            for ($round = 0; $round <= self::ROUNDS; $round++) {
                $ledger = $mixing->ledgerAt($warmth);
                $need = $this->need($ledger, $warmth);
                $grams = $this->grams($need, $ledger, $wishedPercent);
                $celsius = $grams > 0 ? $mixing->waterCelsiusFor($doughCelsius, $grams) : $doughCelsius;
                if ($celsius === null || $celsius < $coldest || $celsius > Limits::MOST_WATER_CELSIUS) {
                    break;
                }
                if ($round === self::ROUNDS) {
                    return [$ledger, $need, $celsius, false];
                }
                $warmth = $mixing->warmth($grams, $celsius);
            }
        }
        // More ice than melts, or steam, or all of it in the pot: the nearest that water can be, and a warning.
        $waterCelsius = $doughCelsius === null || $celsius === null ? $this->givenCelsius() : ($celsius < $coldest ? $coldest : (float) Limits::MOST_WATER_CELSIUS);
        $grams = $wishedPercent === null ? max(0.0, $mixing->ledgerFor($waterCelsius)->neededGrams()) : $wishedPercent / 100 * $flourBaseGrams;
        // What is poured decides how warm the dough gets, and that decides what it wants: twice round settles it to a gram.
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $warmth = $mixing->warmth($grams, $waterCelsius);
            $ledger = $mixing->ledgerAt($warmth);
            $need = $this->need($ledger, $warmth);
            $grams = $this->grams($need, $ledger, $wishedPercent);
        }

        return [$ledger, $need, $waterCelsius, $doughCelsius !== null];
    }

    /** What the ledger says of this formula, put together with what practice says of its style, and what the record says of its bags. */
    private function need(Ledger $ledger, Warmth $warmth): WaterNeed
    {
        $own = $this->own->ledgerAt($warmth);

        $need = WaterNeed::of($ledger, $this->request->style->hydrationBand, 100 * $own->neededGrams() / $own->flourBaseGrams);
        $known = $this->known(array_map(static fn (LedgerRow $row): WeighedLine => $row->line, $ledger->rows), $ledger);
        $percent = $ledger->flourBaseGrams / 100;

        return $known->isNothing() ? $need : $need->knowing($known->points() * $percent, $known->deviation() * $percent, $known->share());
    }

    /** @param list<WeighedLine> $lines */
    private function known(array $lines, Ledger $ledger): Known
    {
        return Known::of($lines, $this->request->lots, $this->request->experience, $ledger->swollenShare());
    }

    private function grams(WaterNeed $need, Ledger $ledger, ?float $wishedPercent): float
    {
        return $wishedPercent === null ? $need->grams() : $wishedPercent / 100 * $ledger->flourBaseGrams;
    }

    private function givenCelsius(): float
    {
        $school = $this->request->method->water->celsius();

        return $this->request->water->celsius ?? ($this->request->method->scald !== Scald::None ? max(self::SCALDING_CELSIUS, $school) : $school);
    }

    /** @param list<WeighedLine> $lines */
    private function scald(array $lines, float $waterGrams, Ledger $ledger): ?ScaldAdvice
    {
        $wanted = $this->request->style->swollenWanted;
        if ($wanted === null || $waterGrams <= 0 || ! $ledger->hasStarch()) {
            return null;
        }

        return ScaldAdvice::of(
            fn (float $pot, ?float $bowl): Mixing => $this->mixingIn($lines, $this->request->texture, $pot, $bowl),
            $waterGrams,
            $wanted,
            $ledger->swollenShare(),
        );
    }

    /** @param list<WeighedLine> $lines */
    private function rise(array $lines, float $flourGrams, float $mixCelsius): ?Rise
    {
        $yeast = Yeast::percent($lines, $flourGrams);

        return $yeast > 0 ? Rise::of($mixCelsius, $this->request->rests->place($this->request->method->rest)->celsius() ?? $this->request->room->celsius, max(self::LEAST_YEAST, min(self::MOST_YEAST, $yeast)), $this->request->growth) : null;
    }

    private function handWarm(float $mixCelsius, float $doughGrams): Figure
    {
        // In a room hotter than hands can bear the dough never gets hand-warm; the day is over then anyway.
        $room = min($this->request->room->celsius, HandWarm::CELSIUS - 5);

        return Figure::spread(
            HandWarm::minutes($mixCelsius, $doughGrams, $room),
            Unit::Minute,
            Reason::amount('From', $mixCelsius, Unit::Celsius),
            Reason::amount('down to', HandWarm::CELSIUS, Unit::Celsius),
            Reason::saying('Broken up with a spoon, in lumps of about 3 cm. Spread open it is sooner, as one lump far later.'),
        );
    }
}
