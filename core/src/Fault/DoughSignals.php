<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Dough\FeelGrade;
use StoneMill\Dough\Rise;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\LearnedWater;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\School\Knead;
use StoneMill\School\Measuring;

/** What bowl and formula say. Limits and reaches are planning estimates beside the rule that each names. */
final readonly class DoughSignals
{
    /** In points of hydration: less than the limit no hand feels. */
    private const FELT_POINTS = 3.0;

    private const POINTS_REACH = 3.0;

    /** A bag of so many batches is known. */
    private const KNOWN_BATCHES = 3;

    private const MUCH_FAT_PERCENT = 8.0;

    private const LITTLE_FAT_PERCENT = 1.0;

    private const COOL_RISE_CELSIUS = 24.0;

    private BatchPlan $plan;

    private BatchState $state;

    public function __construct(Circumstances $batch)
    {
        $this->plan = $batch->plan;
        $this->state = $batch->state;
    }

    /** Null where nothing is known of it, or another room reads it. */
    public function read(Signal $signal): ?Evidence
    {
        return match ($signal) {
            Signal::FeltDry, Signal::FeltWet => $this->felt($signal),
            Signal::NotFelt => $this->notFelt(),
            Signal::BowlDry, Signal::BowlWet => $this->bowl($signal),
            Signal::PlannedDry, Signal::PlannedWet => $this->planned($signal),
            Signal::BindingLow, Signal::BindingHigh => $this->binding($signal),
            Signal::ScaldShort => $this->scald(),
            Signal::DoughCool, Signal::DoughHot => $this->doughTemperature($signal),
            Signal::NewBag => $this->newBag(),
            Signal::ByCup => $this->byCup(),
            Signal::NoSalt => Evidence::of($signal, $this->percentOf(Role::Salt) > 0 ? -0.6 : 0.8, $this->percentOf(Role::Salt) > 0 ? 'There is salt in it.' : 'There is no salt in it.'),
            Signal::MuchFat => Evidence::beyond($signal, $this->fatPercent(), self::MUCH_FAT_PERCENT, 4.0, sprintf('Fat is %.1f %% of its flour.', $this->fatPercent())),
            Signal::LittleFat => Evidence::beyond($signal, $this->fatPercent(), self::LITTLE_FAT_PERCENT, -2.0, sprintf('Fat is %.1f %% of its flour.', $this->fatPercent())),
            Signal::KneadShort => $this->plan->request->method->knead === Knead::JustTogether
                ? Evidence::of($signal, 0.6, 'It was only brought together.')
                : Evidence::of($signal, -0.4, sprintf('It was kneaded for %.0f min.', $this->plan->request->method->knead->seconds() / 60)),
            Signal::RestCut => $this->rest(),
            Signal::Weakens => $this->plan->request->style->weakens ? Evidence::of($signal, 0.6, 'This dough loses its hold while it waits.') : Evidence::of($signal, -0.6, 'This dough can wait.'),
            Signal::YeastHot => $this->yeast(),
            Signal::RiseCool => $this->plan->dough->rise === null ? null : Evidence::beyond($signal, $this->plan->dough->mixCelsius, self::COOL_RISE_CELSIUS, -4.0, sprintf('The dough is %.0f °C when mixed; yeast likes 26 to 30 °C.', $this->plan->dough->mixCelsius)),
            default => null,
        };
    }

    private function felt(Signal $signal): ?Evidence
    {
        $feel = $this->state->tally()->bowl->lastFeel;
        if ($feel === null) {
            return null;
        }
        $points = $feel->offsetPoints();
        $sign = $signal === Signal::FeltDry ? -1 : 1;
        $text = sprintf('It was felt: %s.', lcfirst($feel->inWords($this->plan->request->texture)));

        // Ready speaks against both; a hand may still be off by a grade.
        return Evidence::of($signal, $feel === FeelGrade::Ready ? -0.6 : $sign * $points / 6.0, $text);
    }

    private function notFelt(): ?Evidence
    {
        return match (true) {
            ! $this->state->hasBegun() => null,
            $this->state->bowl()->wasEverFelt() => Evidence::of(Signal::NotFelt, -0.5, 'It was felt in the bowl.'),
            default => Evidence::of(Signal::NotFelt, 0.8, 'Nobody noted how it felt in the bowl.'),
        };
    }

    private function bowl(Signal $signal): ?Evidence
    {
        $bowl = $this->state->bowl();
        // Where it was felt ready, the hand has the last word and not the plan.
        if (! $this->state->hasBegun() || ! $bowl->isWhole() || $bowl->feel() === FeelGrade::Ready) {
            return null;
        }
        $wanted = $bowl->wantedWaterGrams();
        $points = 100 * ($bowl->waterGrams() - $wanted) / $bowl->flourBaseGrams();
        $text = sprintf('%.0f g of water is in; the plan says %.0f g.', $bowl->waterGrams(), $wanted);

        return $signal === Signal::BowlDry
            ? Evidence::beyond($signal, -$points, self::FELT_POINTS, self::POINTS_REACH, $text)
            : Evidence::beyond($signal, $points, self::FELT_POINTS, self::POINTS_REACH, $text);
    }

    private function planned(Signal $signal): Evidence
    {
        $dough = $this->plan->dough;
        $points = 100 * ($dough->pour->grams - $dough->need->grams()) / $dough->ledger->flourBaseGrams;
        $text = abs($points) < 1
            ? 'The planned water is what this dough takes.'
            : sprintf('The planned water is %.0f points %s than this dough takes.', abs($points), $points < 0 ? 'less' : 'more');

        return Evidence::beyond($signal, $signal === Signal::PlannedDry ? -$points : $points, self::FELT_POINTS, self::POINTS_REACH, $text);
    }

    private function binding(Signal $signal): Evidence
    {
        $index = $this->plan->dough->ledger->bindingIndex();
        $need = $this->plan->dough->bindingNeed->index;
        $most = $this->plan->request->style->gummyAbove;

        return $signal === Signal::BindingLow
            ? Evidence::beyond($signal, $index, 0.98 * $need, -0.15 * max(1.0, $need), sprintf('Its hold comes to %.0f; this bread needs %.0f.', $index, $need))
            : Evidence::beyond($signal, $index, $most, 0.15 * $most, sprintf('Its hold comes to %.0f; above %.0f it turns gummy.', $index, $most));
    }

    private function scald(): ?Evidence
    {
        $wanted = $this->plan->request->style->swollenWanted;
        if ($wanted === null) {
            return null;
        }
        $share = $this->plan->dough->ledger->swollenShare();

        return Evidence::beyond(Signal::ScaldShort, $share, 0.95 * $wanted, -0.25 * $wanted, sprintf('%.0f %% of its starch is swollen by the hot water; %.0f %% holds it together.', 100 * $share, 100 * $wanted));
    }

    private function doughTemperature(Signal $signal): ?Evidence
    {
        $read = $this->state->tally()->bowl->celsius;
        if ($read === null) {
            return null;
        }
        $planned = $this->plan->dough->mixCelsius;
        $text = sprintf('The dough was read at %.0f °C; %.0f °C was planned.', $read, $planned);

        return $signal === Signal::DoughCool ? Evidence::beyond($signal, $planned - $read, 5.0, 6.0, $text) : Evidence::beyond($signal, $read - $planned, 5.0, 6.0, $text);
    }

    private function newBag(): ?Evidence
    {
        $lots = $this->plan->request->lots;
        if ($lots === []) {
            return null;
        }
        $learned = array_filter(array_map(static fn ($lot): ?LearnedWater => $lot->water, $lots));
        $batches = $learned === [] ? 0 : max(array_map(static fn (LearnedWater $water): int => $water->batches, $learned));

        return $batches >= self::KNOWN_BATCHES
            ? Evidence::of(Signal::NewBag, -0.5, sprintf('What this bag takes is known from %d batches.', $batches))
            : Evidence::of(Signal::NewBag, 0.6, 'How much this bag takes is hardly known yet.');
    }

    private function byCup(): Evidence
    {
        $measuring = $this->plan->request->method->measure;

        return $measuring === Measuring::Weight
            ? Evidence::of(Signal::ByCup, -0.4, 'Its flour was weighed.')
            : Evidence::of(Signal::ByCup, 0.7, sprintf('Flour not weighed may be %.0f %% off.', 100 * Spread::DECILE_DEVIATIONS * $measuring->relativeDeviation()));
    }

    private function rest(): ?Evidence
    {
        $planned = $this->plan->restSeconds;
        $begun = $this->state->tally()->course->startedAt(EventKind::RestStarted);
        $laid = $this->state->griddle()->firstLaidAt();
        if ($planned <= 0 || ($begun === null && $laid === null)) {
            return null;
        }
        if ($begun === null) {
            return Evidence::of(Signal::RestCut, 0.9, sprintf('The rest of %.0f min was passed over.', $planned / 60));
        }
        if ($laid === null) {
            return null;
        }
        $rested = LogTime::between($begun, $laid);

        return Evidence::beyond(Signal::RestCut, $rested, 0.75 * $planned, -0.3 * $planned, sprintf('It rested %.0f min at most; %.0f min was planned.', $rested / 60, $planned / 60));
    }

    private function yeast(): ?Evidence
    {
        $dough = $this->plan->dough;
        if ($dough->rise === null) {
            return null;
        }
        $meets = max($dough->waterCelsius, $dough->mixCelsius);

        return Evidence::beyond(Signal::YeastHot, $meets, Rise::HARMED_CELSIUS, 5.0, sprintf('The yeast met %.0f °C; from %.0f °C it is harmed.', $meets, Rise::HARMED_CELSIUS));
    }

    /** In % of the flour base. */
    private function fatPercent(): float
    {
        return $this->percentOf(Role::Fat);
    }

    private function percentOf(Role $role): float
    {
        $grams = 0.0;
        foreach ($this->plan->dough->lines as $line) {
            $grams += $line->ingredient->role === $role ? $line->grams : 0.0;
        }

        return 100 * $grams / $this->plan->dough->ledger->flourBaseGrams;
    }
}
