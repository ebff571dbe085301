<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Rise;
use StoneMill\Dough\Yeast;
use StoneMill\Griddle\Missed;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\School\Rest;
use StoneMill\School\Shaping;
use StoneMill\Shape\Disc;

/** What is unusual about a plan, in the order of the work. */
final readonly class Warnings
{
    /** Off the dough's own need by more than this, hands will feel it. */
    private const FELT_POINTS = 3.0;

    private const BURNT_SHADE = 0.8;

    public function __construct(private PlanRequest $request)
    {
    }

    /** @return list<Warning> */
    public function about(DoughPlan $dough, Disc $disc, float $pieceGrams, TurnPlan $turns): array
    {
        $style = $this->request->style;

        return array_values(array_filter([
            ...$this->aboutWater($dough),
            $this->outside('hydration-unusual', 'water', 'hydration for this style', $dough->hydrationPercent(), $style->hydrationBand, Unit::Percent),
            $dough->ledger->bindingIndex() < $dough->bindingNeed->index
                ? Warning::of('binding-low', 'mix', 'This dough may not hold together: more binder, or hotter water.', $dough->ledger->bindingIndex(), $dough->bindingNeed->index, Unit::Index)
                : null,
            $dough->ledger->bindingIndex() > $style->gummyAbove
                ? Warning::of('binding-high', 'mix', 'So much binder turns gummy.', $dough->ledger->bindingIndex(), $style->gummyAbove, Unit::Index)
                : null,
            ...$this->aboutMix($dough),
            $this->outside('piece-unusual', 'portion', 'piece weight for this style', $pieceGrams, $style->pieceGramsBand, Unit::Gram),
            $this->outside('thickness-unusual', 'shape', 'thickness for this style', $disc->thicknessMillimetres, $style->thicknessBand, Unit::Millimetre),
            $this->request->method->shape === Shaping::LeverPress ? $this->tooWide('press', $disc, $this->request->gear->pressMillimetres) : null,
            $this->tooWide('griddle', $disc, $this->request->gear->widestMillimetres()),
            $this->outside('heat-unusual', 'griddle', 'heat for this style', $turns->surfaceCelsius->value, $style->baking->surfaceCelsius, Unit::Celsius),
            ...$this->aboutTheBake($turns),
        ]));
    }

    /** @return list<Warning> */
    private function aboutMix(DoughPlan $dough): array
    {
        $warnings = [];
        $method = $this->request->method;
        if ($dough->scald?->fallsShort() === true) {
            $warnings[] = Warning::of('scald-short', 'water', $dough->scald->inWords(), $dough->ledger->swollenShare(), $this->request->style->swollenWanted ?? 0.0, Unit::Share);
        }
        if ($this->request->style->weakens && $method->rest !== Rest::None) {
            $warnings[] = Warning::of('must-not-wait', 'rest', 'This dough weakens while it waits: work it at once, in small lots.', $method->rest->seconds(), 0.0, Unit::Second);
        }
        if ($dough->rise !== null) {
            array_push($warnings, ...$this->aboutYeast($dough, $dough->rise));
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function aboutYeast(DoughPlan $dough, Rise $rise): array
    {
        $meets = Yeast::bloomsInWater($dough->lines) ? $dough->waterCelsius : $dough->mixCelsius;
        $warnings = [];
        if ($meets >= Rise::HARMED_CELSIUS) {
            $warnings[] = $meets >= Rise::DEAD_CELSIUS
                ? Warning::of('yeast-dead', 'water', 'This heat kills yeast.', $meets, Rise::DEAD_CELSIUS, Unit::Celsius)
                : Warning::of('yeast-harmed', 'water', 'This heat harms yeast.', $meets, Rise::HARMED_CELSIUS, Unit::Celsius);
        } elseif ($rise->minutes === null) {
            $warnings[] = Warning::of('yeast-asleep', 'rest', 'At this temperature the yeast does not work.', $rise->meanCelsius, Rise::BLOOM_CELSIUS[0], Unit::Celsius);
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function aboutWater(DoughPlan $dough): array
    {
        $warnings = [];
        $off = 100 * ($dough->pour->grams - $dough->need->grams()) / $dough->ledger->flourBaseGrams;
        if ($dough->waterFallsShort) {
            $warnings[] = Warning::of('water-cannot-reach', 'water', 'Water alone cannot bring the dough to that temperature. Warm the bowl, or cook some of the flour in the pot.', $dough->mixCelsius, $this->request->water->doughCelsius ?? 0.0, Unit::Celsius);
        }
        if ($dough->need->ledgerGrams < 0) {
            $warnings[] = Warning::of('too-wet', 'water', 'Egg and other wet lines already bring more water than this dough takes.', $dough->need->ledgerGrams, 0.0, Unit::Gram);
        }
        // What the scale's step alone makes is no wish of the cook's.
        $step = 50 * $this->request->gear->scaleResolutionGrams / $dough->ledger->flourBaseGrams;
        if (abs($off) > max(self::FELT_POINTS, $step + 0.1)) {
            $text = $off > 0 ? 'More water than this dough takes: it will stick.' : 'Less water than this dough takes: it will crack.';
            $warnings[] = Warning::of($off > 0 ? 'wetter-than-need' : 'drier-than-need', 'water', $text, $off, self::FELT_POINTS, Unit::Point);
        }

        return $warnings;
    }

    /** @return list<Warning> what the griddle cannot give */
    private function aboutTheBake(TurnPlan $turns): array
    {
        $warnings = array_map(
            static fn (Missed $missed): Warning => Warning::of('griddle-'.$missed->id(), 'griddle', $missed->inWords(), $missed->reached, $missed->wanted, $missed->unit()),
            $turns->missed,
        );
        foreach ($turns->faces as $face) {
            if ($face->shade >= self::BURNT_SHADE) {
                $warnings[] = Warning::of('griddle-burns', 'griddle', sprintf('The %s face is near burning: less heat, or finish it elsewhere.', $face->name), $face->shade, self::BURNT_SHADE, Unit::Share);
            }
        }

        return $warnings;
    }

    private function outside(string $id, string $stage, string $what, float $value, Spread $band, Unit $unit): ?Warning
    {
        // A rounding of the last gram is no reason to speak up.
        $slack = 0.01 * ($band->high - $band->low);

        return match (true) {
            $value < $band->low - $slack => Warning::of($id, $stage, 'Low '.$what.'.', $value, $band->low, $unit),
            $value > $band->high + $slack => Warning::of($id, $stage, 'High '.$what.'.', $value, $band->high, $unit),
            default => null,
        };
    }

    private function tooWide(string $tool, Disc $disc, ?float $limit): ?Warning
    {
        return $limit !== null && $disc->diameterMillimetres > $limit
            ? Warning::of('too-wide-for-'.$tool, $tool === 'press' ? 'shape' : 'griddle', sprintf('The disc is wider than the %s: smaller pieces or thicker discs.', $tool), $disc->diameterMillimetres, $limit, Unit::Millimetre)
            : null;
    }
}
