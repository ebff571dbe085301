<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Document\Figures;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\WaterParts;
use StoneMill\Dough\WaterPour;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Plan\DoughPlan;
use StoneMill\Plan\PlanRequest;
use StoneMill\School\Measuring;

/** How much water, how warm, in which pours, and what it is beside what the lines add up to. */
final readonly class WaterPart
{
    private const DRAWN_AT_MINUTES = [0, 10, 20, 30, 60];

    public function __construct(private PlanRequest $request, private DoughPlan $dough)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $pour = $this->dough->pour;
        $risk = $this->request->water->overshootRisk;
        $flour = $this->dough->ledger->flourBaseGrams;
        $total = Reason::amount('Of all the water', $pour->grams, Unit::Gram);

        return [
            'grams' => Figures::json($this->dough->waterFigure),
            'celsius' => Figures::json(Figure::exact(max(0.0, $this->dough->waterCelsius), Unit::Celsius, Reason::saying($this->waterReason()))),
            'parts' => self::jug($this->dough->waterParts),
            'first_pour_grams' => Figures::json(Figure::exact(
                $pour->firstGrams,
                Unit::Gram,
                $total,
                Reason::amount('Chance that this is already too much, at most', 100 * $risk, Unit::Percent),
            )),
            'reserve_grams' => Figures::json(Figure::exact($pour->reserveGrams, Unit::Gram, $total, Reason::amount('less the first pour', $pour->firstGrams, Unit::Gram))),
            'spoon' => $this->request->gear->spoons->value,
            'by_hand' => $this->byHand(),
            'first_pour_spoons' => $this->request->dipped($pour->firstGrams),
            'reserve_spoons' => $this->request->dipped($pour->reserveGrams),
            'hydration_percent' => Figures::json(Figure::spread(
                Spread::of(100 * $this->dough->waterFigure->low / $flour, 100 * $pour->grams / $flour, 100 * $this->dough->waterFigure->high / $flour),
                Unit::Percent,
                Reason::amount('Added water', $pour->grams, Unit::Gram),
                Reason::amount('on a flour base of', $flour, Unit::Gram),
                ...$this->rounding(),
            )),
            'total_water_grams' => round($pour->grams + array_sum(array_map(static fn (LedgerRow $row): float => $row->ownWaterGrams, $this->dough->ledger->rows)), 4),
            'need_deviation_grams' => round($this->dough->need->deviationGrams(), 4),
            'catalogue_grams' => round($this->dough->need->withoutLearningGrams(), 4),
            'learned' => (new KnownPart($this->dough->known))->json(),
            'beside_lines' => $this->besideLines(),
            'usual_grams' => ['low' => round($this->dough->need->bandLowGrams, 4), 'high' => round($this->dough->need->bandHighGrams, 4)],
            'measuring_deviation_grams' => round($this->dough->ledger->measuringDeviationGrams(), 4),
            'texture' => $this->dough->conditions->texture->value,
            'as_batter_grams' => round($this->dough->batterGrams, 4),
            'drawn' => $this->drawn(),
        ];
    }

    /** @return array{grams: float, words: string} what the water is beside what the lines add up to, and why */
    private function besideLines(): array
    {
        $grams = $this->dough->pour->grams - $this->dough->need->ledgerGrams;
        $isWished = abs($this->dough->pour->unroundedGrams - $this->dough->need->grams()) > 1e-6;

        return ['grams' => round($grams, 4), 'words' => match (true) {
            $isWished => 'Your own wish',
            ! $this->dough->known->isNothing() => 'Practice and your record',
            $grams >= 0 => 'Practice makes it wetter',
            default => 'Practice makes it drier',
        }];
    }

    /** @return list<Reason> what rounding to the scale's step does to the hydration, where a hand could feel it */
    private function rounding(): array
    {
        $points = 100 * ($this->dough->pour->grams - $this->dough->pour->unroundedGrams) / $this->dough->ledger->flourBaseGrams;

        return abs($points) < 1 ? [] : [Reason::amount('Rounding to what the scale shows moves it by', $points, Unit::Point)];
    }

    /** @return list<array{minutes: int, grams: float}> what salt draws out of the vegetables as time goes */
    private function drawn(): array
    {
        $drawn = array_map(fn (int $minutes): array => ['minutes' => $minutes, 'grams' => round($this->dough->drawnGrams($minutes), 4)], self::DRAWN_AT_MINUTES);

        return array_filter(array_column($drawn, 'grams')) === [] ? [] : $drawn;
    }

    private function waterReason(): string
    {
        $water = $this->request->water;

        return match (true) {
            $this->dough->waterCelsius < 0 => 'Colder than water can be: with ice, which the flour melts.',
            $water->celsius !== null => 'Your own choice.',
            $water->doughCelsius !== null => 'What the dough temperature you want asks for, by the heat of flour, bowl and water.',
            default => 'The school of this formula: '.str_replace('_', ' ', $this->request->method->water->value).'.',
        };
    }

    /** @return list<array{label: string, grams: float}> what water is dipped with where nothing is weighed, the least first */
    private function byHand(): array
    {
        if ($this->request->method->measure === Measuring::Weight) {
            return [];
        }
        $set = $this->request->gear->spoons;
        $dips = [$set->teaspoonsInTablespoon() * $set->teaspoonMillilitres(), ...array_map(fn (float $share): float => $share * $this->request->cup()->millilitres(), [0.25, 0.5, 1.0])];

        return array_map(fn (float $grams): array => ['label' => $this->request->dipped($grams), 'grams' => round($grams, 1)], $dips);
    }

    /** @return list<array{kind: string, grams: float, celsius: float}> what goes into the jug */
    private static function jug(WaterParts $parts): array
    {
        return array_map(static fn (WaterPour $pour): array => ['kind' => $pour->kind->value, 'grams' => $pour->grams, 'celsius' => $pour->celsius], $parts->pours());
    }
}
