<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\AddingOrder;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\Rise;
use StoneMill\Measure\Cup;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spoons;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\School\Measuring;

/** The part of the plan document that tells of the dough: water, mix, ledger, binding, rise. */
final readonly class DoughSection
{
    private const DRAWN_AT_MINUTES = [0, 10, 20, 30, 60];

    public function __construct(private PlanRequest $request, private DoughPlan $dough)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'water' => $this->water(),
            'mix' => $this->mix(),
            'rise' => $this->rise(),
            'ledger' => array_map($this->ledgerRow(...), $this->dough->ledger->rows),
            'binding' => $this->binding(),
        ];
    }

    /** @return array<string, mixed> */
    private function water(): array
    {
        $pour = $this->dough->pour;
        $risk = $this->request->water->overshootRisk;
        $flour = $this->dough->ledger->flourBaseGrams;
        $total = Reason::amount('Of all the water', $pour->grams, Unit::Gram);

        return [
            'grams' => $this->dough->waterFigure->toArray(),
            'celsius' => Figure::exact(max(0.0, $this->dough->waterCelsius), Unit::Celsius, Reason::saying($this->waterReason()))->toArray(),
            'parts' => $this->dough->waterParts->toArray(),
            'first_pour_grams' => Figure::exact(
                $pour->firstGrams,
                Unit::Gram,
                $total,
                Reason::amount('Chance that this is already too much, at most', 100 * $risk, Unit::Percent),
            )->toArray(),
            'reserve_grams' => Figure::exact($pour->reserveGrams, Unit::Gram, $total, Reason::amount('less the first pour', $pour->firstGrams, Unit::Gram))->toArray(),
            'spoon' => $this->request->gear->spoons->value,
            'by_hand' => $this->byHand(),
            'first_pour_spoons' => $this->dipped($pour->firstGrams),
            'reserve_spoons' => $this->dipped($pour->reserveGrams),
            'hydration_percent' => Figure::spread(
                Spread::of(100 * $this->dough->waterFigure->low / $flour, 100 * $pour->grams / $flour, 100 * $this->dough->waterFigure->high / $flour),
                Unit::Percent,
                Reason::amount('Added water', $pour->grams, Unit::Gram),
                Reason::amount('on a flour base of', $flour, Unit::Gram),
                ...$this->rounding(),
            )->toArray(),
            'total_water_grams' => round($pour->grams + array_sum(array_map(static fn (LedgerRow $row): float => $row->ownWaterGrams, $this->dough->ledger->rows)), 4),
            'need_deviation_grams' => round($this->dough->need->deviationGrams(), 4),
            'catalogue_grams' => round($this->dough->need->withoutLearningGrams(), 4),
            'learned' => $this->dough->known->toArray(),
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

    /** @return array<string, mixed> */
    private function mix(): array
    {
        $bowl = $this->request->water->bowlCelsius;

        return [
            'celsius' => Figure::spread(
                Spread::of($this->dough->mixCelsius - 2, $this->dough->mixCelsius, $this->dough->mixCelsius + 2),
                Unit::Celsius,
                Reason::amount('Water', $this->dough->waterCelsius, Unit::Celsius),
                Reason::amount('Flour and the rest at', $this->request->room->celsius, Unit::Celsius),
                Reason::amount('Bowl at', $bowl ?? $this->request->room->celsius, Unit::Celsius),
                Reason::saying('Heat given equals heat taken, less 4 % of the excess over the room while mixing.'),
            )->toArray(),
            'swollen_share' => Figure::exact(
                $this->dough->ledger->swollenShare(),
                Unit::Share,
                Reason::amount('At a dough temperature of', $this->dough->mixCelsius, Unit::Celsius),
                Reason::amount('Flour cooked in the pot', $this->request->potShare(), Unit::Share),
                Reason::saying('Starch swells between its onset and its end; the flour cooked in the pot is counted as swollen.'),
            )->toArray(),
            'scald' => $this->dough->scald?->toArray(),
            'pot_share' => round($this->request->potShare(), 4),
            'hand_warm_minutes' => $this->dough->handWarmMinutes->toArray(),
            'knead_seconds' => $this->request->kneadSeconds(),
            'worked' => $this->request->worked->value,
            'kneading_warms_kelvin' => round($this->dough->kneadedCelsius - $this->dough->mixCelsius, 2),
        ];
    }

    /** @return array<string, mixed>|null */
    private function rise(): ?array
    {
        $rise = $this->dough->rise;
        if ($rise === null) {
            return null;
        }

        return [
            'minutes' => $rise->minutes === null ? null : Figure::spread(
                $rise->minutes,
                Unit::Minute,
                Reason::amount('Mean dough temperature', $rise->meanCelsius, Unit::Celsius),
                Reason::amount('Grown to, of its first size', 100 * $rise->growth, Unit::Percent),
                Reason::saying('The eye decides: a mark on the bowl is surer than the clock.'),
            )->toArray(),
            'growth' => $rise->growth,
            'mean_celsius' => round($rise->meanCelsius, 4),
            'bloom_celsius' => ['low' => Rise::BLOOM_CELSIUS[0], 'high' => Rise::BLOOM_CELSIUS[1]],
            'harmed_celsius' => Rise::HARMED_CELSIUS,
            'dead_celsius' => Rise::DEAD_CELSIUS,
        ];
    }

    /** @return list<array{label: string, grams: float}> what water is dipped with where nothing is weighed, the least first */
    private function byHand(): array
    {
        if ($this->request->method->measure === Measuring::Weight) {
            return [];
        }
        $set = $this->request->gear->spoons;
        $dips = [$set->teaspoonsInTablespoon() * $set->teaspoonMillilitres(), ...array_map(fn (float $share): float => $share * $this->cup()->millilitres(), [0.25, 0.5, 1.0])];

        return array_map(fn (float $grams): array => ['label' => $this->dipped($grams), 'grams' => round($grams, 1)], $dips);
    }

    /** An amount in the kitchen's own cups and spoons; of water where no density is said. */
    private function dipped(float $grams, float $gramsPerMillilitre = 1.0): string
    {
        return Spoons::orCups($grams, $gramsPerMillilitre, $this->cup(), $this->request->gear->spoons);
    }

    /** What is said in cups is said in the kitchen's own. */
    private function cup(): Cup
    {
        return $this->request->gear->cup ?? Cup::Metric;
    }

    /** @return array<string, mixed> */
    private function ledgerRow(LedgerRow $row): array
    {
        return [
            'ingredient' => $row->line->ingredient->id,
            'name' => $row->line->ingredient->name,
            'role' => $row->line->ingredient->role->value,
            'lot' => $row->line->lot,
            'goes_in' => ($this->request->formula->line($row->line->ingredient->id)?->way() ?? AddingOrder::usual($row->line->ingredient))->value,
            'grams' => round($row->line->grams, 4),
            'millilitres' => round($row->line->grams / $row->line->ingredient->spoonDensity(), 4),
            'spoons' => $this->dipped($row->line->grams, $row->line->ingredient->spoonDensity()),
            'pot_grams' => $row->line->ingredient->role->isFlourBase() ? round($this->request->potShare() * $row->line->grams, 4) : 0.0,
            'percent' => round($row->percent, 4),
            'takes_grams' => round($row->takesGrams, 4),
            'brings_grams' => round($row->bringsGrams, 4),
            'own_water_grams' => round($row->ownWaterGrams, 4),
            'binding_points' => round($row->bindingPoints, 4),
        ];
    }

    /** @return array<string, mixed> */
    private function binding(): array
    {
        $need = $this->dough->bindingNeed;
        $parts = array_map(
            static fn (LedgerRow $row): Reason => Reason::amount($row->line->ingredient->name, $row->bindingPoints, Unit::Index),
            array_values(array_filter($this->dough->ledger->rows, static fn (LedgerRow $row): bool => abs($row->bindingPoints) > 1e-9)),
        );
        $needs = [Reason::amount('What '.mb_strtolower($this->request->style->name).' needs to be shaped and turned', $need->forStyle, Unit::Index)];
        if ($need->forShape !== 0.0) {
            $needs[] = Reason::amount('This way of shaping asks for', $need->forShape, Unit::Index);
        }
        if ($need->forPurpose > 0) {
            $needs[] = Reason::amount('To '.($this->request->purpose?->inWords() ?? 'serve').' asks for', $need->forPurpose, Unit::Index);
        }

        return [
            'index' => Figure::exact($this->dough->ledger->bindingIndex(), Unit::Index, ...$parts)->toArray(),
            'needed' => Figure::exact($need->index, Unit::Index, ...$needs)->toArray(),
            'gummy_above' => $this->request->style->gummyAbove,
        ];
    }
}
