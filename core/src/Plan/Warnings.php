<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Shape\Disc;

/** What is unusual about a plan, in the order of the work. */
final readonly class Warnings
{
    /** Off the dough's own need by more than this, hands will feel it. */
    private const FELT_POINTS = 3.0;

    public function __construct(private PlanRequest $request)
    {
    }

    /** @return list<Warning> */
    public function about(DoughPlan $dough, Disc $disc, float $pieceGrams, float $surfaceCelsius): array
    {
        $style = $this->request->style;

        return array_values(array_filter([
            ...$this->aboutWater($dough),
            $this->outside('hydration-unusual', 'water', 'hydration for this style', $dough->hydrationPercent(), $style->hydrationBand, Unit::Percent),
            $dough->ledger->bindingIndex() < $style->bindingNeeded
                ? Warning::of('binding-low', 'mix', 'This dough may not hold together: more binder, or hotter water.', $dough->ledger->bindingIndex(), $style->bindingNeeded, Unit::Index)
                : null,
            $dough->ledger->bindingIndex() > $style->gummyAbove
                ? Warning::of('binding-high', 'mix', 'So much binder turns gummy.', $dough->ledger->bindingIndex(), $style->gummyAbove, Unit::Index)
                : null,
            $this->outside('piece-unusual', 'portion', 'piece weight for this style', $pieceGrams, $style->pieceGramsBand, Unit::Gram),
            $this->outside('thickness-unusual', 'shape', 'thickness for this style', $disc->thicknessMillimetres, $style->thicknessBand, Unit::Millimetre),
            $this->tooWide('press', $disc, $this->request->gear->pressMillimetres),
            $this->tooWide('griddle', $disc, $this->request->gear->widestMillimetres()),
            $this->outside('heat-unusual', 'griddle', 'heat for this style', $surfaceCelsius, $style->surfaceCelsius, Unit::Celsius),
        ]));
    }

    /** @return list<Warning> */
    private function aboutWater(DoughPlan $dough): array
    {
        $warnings = [];
        $needed = $dough->ledger->neededGrams();
        $off = 100 * ($dough->pour->grams - max(0.0, $needed)) / $dough->ledger->flourBaseGrams;
        if ($dough->waterFallsShort) {
            $warnings[] = Warning::of('water-cannot-reach', 'water', 'Water alone cannot bring the dough to that temperature. Warm the bowl, or cook some of the flour in the pot.', $dough->mixCelsius, $this->request->water->doughCelsius ?? 0.0, Unit::Celsius);
        }
        if ($needed < 0) {
            $warnings[] = Warning::of('too-wet', 'water', 'Egg and other wet lines already bring more water than this dough takes.', $needed, 0.0, Unit::Gram);
        }
        if (abs($off) > self::FELT_POINTS) {
            $text = $off > 0 ? 'More water than this dough takes: it will stick.' : 'Less water than this dough takes: it will crack.';
            $warnings[] = Warning::of($off > 0 ? 'wetter-than-need' : 'drier-than-need', 'water', $text, $off, self::FELT_POINTS, Unit::Point);
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
