<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Cooling;
use StoneMill\Dough\Ledger;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\Mixing;
use StoneMill\Dough\Pour;
use StoneMill\Dough\Scald;
use StoneMill\Measure\Figure;
use StoneMill\Measure\NormalDistribution;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;

/** Finds the water: how much, how warm, how much of it first. */
final readonly class DoughPlanner
{
    public function __construct(private PlanRequest $request)
    {
    }

    /** The dough for a flour base of this many grams. */
    public function plan(float $flourBaseGrams): DoughPlan
    {
        $request = $this->request;
        $resolution = $request->gear->scaleResolutionGrams;
        $lines = $request->formula->weighed($flourBaseGrams, $request->method->measure, $resolution);
        $mixing = new Mixing($lines, $request->style->texture, $request->method->scald, $request->room);
        $wished = $request->water->hydrationPercent ?? $request->formula->wishedHydrationPercent($flourBaseGrams);
        [$ledger, $grams, $waterCelsius, $short] = $this->water($mixing, $wished);
        $need = new NormalDistribution($ledger->neededGrams(), $ledger->deviationGrams());
        $pour = Pour::of($grams, $need, $request->water->overshootRisk, $resolution);
        $mixCelsius = $mixing->celsius($pour->grams, $waterCelsius);

        return new DoughPlan(
            lines: $lines,
            ledger: $ledger,
            pour: $pour,
            waterCelsius: $waterCelsius,
            mixCelsius: $mixCelsius,
            waterFigure: $this->waterFigure($pour, $ledger, $need, $wished),
            handWarmMinutes: $this->handWarm($mixCelsius),
            waterFallsShort: $short,
        );
    }

    /** Dough per gram of flour base, for a formula whose size the pieces decide. */
    public function doughPerFlour(float $flourBaseGrams): float
    {
        $request = $this->request;
        $percent = $request->formula->percentWithoutWater();
        $wished = $request->water->hydrationPercent ?? $request->formula->wishedHydrationPercent($flourBaseGrams);
        if ($wished === null) {
            $lines = $request->formula->weighed($flourBaseGrams, $request->method->measure, $request->gear->scaleResolutionGrams);
            $mixing = new Mixing($lines, $request->style->texture, $request->method->scald, $request->room);
            [$ledger, $grams] = $this->water($mixing, null);
            $wished = 100 * $grams / $ledger->flourBaseGrams;
        }

        return ($percent + $wished) / 100;
    }

    /** @return array{Ledger, float, float, bool} ledger, grams of water, its temperature, whether it cannot reach the wished dough temperature */
    private function water(Mixing $mixing, ?float $wishedHydrationPercent): array
    {
        $doughCelsius = $this->request->water->doughCelsius;
        if ($doughCelsius !== null) {
            $ledger = $mixing->ledgerAt($doughCelsius);
            $grams = $this->grams($ledger, $wishedHydrationPercent);
            $celsius = $grams > 0 ? $mixing->waterCelsiusFor($doughCelsius, $grams) : $doughCelsius;
            if ($celsius >= 0 && $celsius <= Limits::MOST_WATER_CELSIUS) {
                return [$ledger, $grams, $celsius, false];
            }
        }
        // Water that would have to be ice or steam: the nearest that water can be, and a warning.
        $waterCelsius = $doughCelsius === null ? $this->givenCelsius() : ($celsius < 0 ? 0.0 : (float) Limits::MOST_WATER_CELSIUS);
        $ledger = $wishedHydrationPercent === null ? $mixing->ledgerFor($waterCelsius) : $mixing->ledgerAt($this->request->room->celsius);
        $grams = $this->grams($ledger, $wishedHydrationPercent);
        if ($wishedHydrationPercent !== null) {
            $ledger = $mixing->ledgerAt($mixing->celsius($grams, $waterCelsius));
        }

        return [$ledger, $grams, $waterCelsius, $doughCelsius !== null];
    }

    private function grams(Ledger $ledger, ?float $wishedHydrationPercent): float
    {
        return $wishedHydrationPercent === null
            ? max(0.0, $ledger->neededGrams())
            : $wishedHydrationPercent / 100 * $ledger->flourBaseGrams;
    }

    private function givenCelsius(): float
    {
        $method = $this->request->method;

        return $this->request->water->celsius ?? ($method->scald === Scald::None ? $method->water->celsius() : max(95.0, $method->water->celsius()));
    }

    private function waterFigure(Pour $pour, Ledger $ledger, NormalDistribution $need, ?float $wished): Figure
    {
        $reach = Spread::DECILE_DEVIATIONS * $need->deviation;
        $reasons = array_map(
            static fn (LedgerRow $row): Reason => Reason::amount(
                $row->takesGrams > 0 ? $row->line->ingredient->name.' takes' : $row->line->ingredient->name.' brings',
                max($row->takesGrams, $row->bringsGrams),
                Unit::Gram,
            ),
            array_values(array_filter($ledger->rows, static fn (LedgerRow $row): bool => max($row->takesGrams, $row->bringsGrams) >= 0.05)),
        );
        $reasons[] = Reason::amount('So this dough wants', max(0.0, $need->mean), Unit::Gram);
        $reasons[] = Reason::amount('give or take, eight times in ten', $reach, Unit::Gram);
        if ($wished !== null) {
            $reasons[] = Reason::amount('Your own wish, in % of the flour', $wished, Unit::Percent);
        }

        return Figure::spread(
            Spread::of(max(0.0, min($pour->grams, $pour->grams - $reach)), $pour->grams, $pour->grams + $reach),
            Unit::Gram,
            ...$reasons,
        );
    }

    private function handWarm(float $mixCelsius): Figure
    {
        // In a room hotter than hands can bear the dough never gets hand-warm; the day is over then anyway.
        $room = min($this->request->room->celsius, Cooling::HAND_WARM_CELSIUS - 5);

        return Figure::spread(
            Cooling::minutesUntilHandWarm($mixCelsius, $room),
            Unit::Minute,
            Reason::amount('From', $mixCelsius, Unit::Celsius),
            Reason::amount('down to', Cooling::HAND_WARM_CELSIUS, Unit::Celsius),
            Reason::saying('Broken up with a spoon, in lumps of about 3 cm.'),
        );
    }
}
