<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Conditions;
use StoneMill\Dough\Ledger;
use StoneMill\Dough\LedgerRow;
use StoneMill\Dough\Pour;
use StoneMill\Dough\WaterNeed;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Grain;
use StoneMill\Pantry\Grind;
use StoneMill\School\Measuring;

/** The water as a figure that can say what it rests on. */
final readonly class WaterReasons
{
    public function __construct(private PlanRequest $request, private Known $known)
    {
    }

    public function figure(Pour $pour, Ledger $ledger, Conditions $conditions, WaterNeed $need, ?float $wishedPercent): Figure
    {
        $wanted = $need->spread();

        return Figure::spread(
            Spread::of(min($pour->grams, $wanted->low), $pour->grams, max($pour->grams, $wanted->high)),
            Unit::Gram,
            ...$this->lines($ledger),
            ...$this->circumstances($ledger, $conditions),
            ...[
                Reason::amount('So the lines add up to', max(0.0, $need->ledgerGrams), Unit::Gram),
                Reason::amount('give or take, eight times in ten', Spread::DECILE_DEVIATIONS * $ledger->deviationGrams(), Unit::Gram),
                Reason::amount('Practice makes such breads with, at least', $need->bandLowGrams, Unit::Gram),
                Reason::amount('and at most', $need->bandHighGrams, Unit::Gram),
                Reason::amount('Both together say', $need->withoutLearningGrams(), Unit::Gram),
            ],
            ...$this->learned($need),
            ...$this->measuring($ledger),
            ...($wishedPercent === null ? [] : [Reason::amount('Your own wish, in % of the flour', $wishedPercent, Unit::Percent)]),
        );
    }

    /** @return list<Reason> */
    private function lines(Ledger $ledger): array
    {
        return array_map(
            static fn (LedgerRow $row): Reason => Reason::amount(
                $row->takesGrams > 0 ? $row->line->ingredient->name.' takes' : $row->line->ingredient->name.' brings',
                max($row->takesGrams, $row->bringsGrams),
                Unit::Gram,
            ),
            array_values(array_filter($ledger->rows, static fn (LedgerRow $row): bool => max($row->takesGrams, $row->bringsGrams) >= 0.05)),
        );
    }

    /** @return list<Reason> */
    private function circumstances(Ledger $ledger, Conditions $conditions): array
    {
        $reasons = [Reason::saying('For '.$conditions->texture->inWords().'.')];
        if ($conditions->fatFactor < 1) {
            $reasons[] = Reason::amount('Fat keeps water out of the flour', 100 * (1 - $conditions->fatFactor), Unit::Percent);
        }
        $drier = array_sum(array_map(
            fn (LedgerRow $row): float => $row->line->ingredient->role->takesWater() ? $row->line->grams * $this->request->room->drynessShare($row->line->ingredient) : 0.0,
            $ledger->rows,
        ));
        if (abs($drier) >= 0.05) {
            $reasons[] = Reason::amount($drier > 0 ? 'The dry room has taken out of the flour' : 'The damp room has put into the flour', abs($drier), Unit::Gram);
        }
        $humidity = $this->request->room->relativeHumidityPercent;
        if ($humidity !== null && ! Grain::isFittedTo($this->request->room->celsius, $humidity)) {
            $reasons[] = Reason::saying(sprintf('This room is outside %d °C to %d °C and %d–%d %% humidity, which the moisture of grain is known for: less sure.', ...$this->fittedRange()));
        }
        if (array_filter($ledger->rows, static fn (LedgerRow $row): bool => $row->line->grind !== Grind::Shop) !== []) {
            $reasons[] = Reason::saying('Ground at home: grit takes up less water in the time there is.');
        }

        return $reasons;
    }

    /** @return list<Reason> */
    private function learned(WaterNeed $need): array
    {
        return $this->known->isNothing() ? [] : [...$this->known->reasons(), Reason::amount('With what was learned', $need->grams(), Unit::Gram)];
    }

    /** @return list<Reason> */
    private function measuring(Ledger $ledger): array
    {
        $measured = Spread::DECILE_DEVIATIONS * $ledger->measuringDeviationGrams();
        $loose = $this->request->method->measure !== Measuring::Weight || $this->request->formula->hasVolumes();

        return $loose ? [Reason::amount('of which the measuring by volume or eye leaves', $measured, Unit::Gram)] : [];
    }

    /** @return array{float, float, float, float} */
    private function fittedRange(): array
    {
        return [Grain::LEAST_CELSIUS, Grain::MOST_CELSIUS, Grain::LEAST_HUMIDITY_PERCENT, Grain::MOST_HUMIDITY_PERCENT];
    }
}
