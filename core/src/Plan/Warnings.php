<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use Closure;
use StoneMill\Dough\Rise;
use StoneMill\Dough\WeighedExtra;
use StoneMill\Dough\WeighedLine;
use StoneMill\Dough\Yeast;
use StoneMill\Griddle\Missed;
use StoneMill\Griddle\SurfaceRange;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Hearth\HeatTest;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\Role;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Scald;
use StoneMill\School\Shaping;
use StoneMill\School\Stage;
use StoneMill\School\WayOver;
use StoneMill\Shape\Carrying;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Portions;
use StoneMill\Shape\Pressing;

/** What is unusual about a plan, in the order of the work. */
final readonly class Warnings
{
    /** Off the dough's own need by more than this, hands will feel it. */
    private const FELT_POINTS = 3.0;

    /** Dusting flour lies on the outside and is worked in only where scraps are gathered: a usual dusting is no fault. Planning estimate. */
    private const DUSTED_POINTS = 8.0;

    /** So far a fat is kept from its smoke: it was used before, or a pan has hot spots. Planning estimate. */
    private const BELOW_SMOKE_KELVIN = 10.0;

    /** Warm enough for yeast to wake in, and far from what harms it. */
    private const YEAST_WATER_CELSIUS = 40.0;

    /** White of egg thickens from about 62 °C and sets by 65; yolk from about 65 to 70. */
    private const EGG_SETS_CELSIUS = 65.0;

    public function __construct(private PlanRequest $request)
    {
    }

    /** @return list<Warning> */
    public function about(DoughPlan $dough, Piece $piece, Carrying $carrying, Portions $portions, TurnPlan $turns): array
    {
        $disc = $piece->disc;
        $style = $this->request->style;
        $pieceGrams = $portions->pieceGrams();

        return array_values(array_filter([
            ...$this->aboutBags([...$dough->lines, ...$piece->extraLines()], $portions->count),
            ...$this->aboutWater($dough),
            $this->outside('hydration-unusual', Stage::Water, 'hydration for this style', $dough->hydrationPercent(), $style->hydrationBand, Unit::Percent, fn (): ?Mend => $this->ownWater()),
            $dough->ledger->bindingIndex() < $dough->bindingNeed->index
                ? Warning::of('binding-low', Stage::Mix, 'This dough may not hold together: more binder, or hotter water.', $dough->ledger->bindingIndex(), $dough->bindingNeed->index, Unit::Index)
                : null,
            $dough->ledger->bindingIndex() > $style->gummyAbove
                ? Warning::of('binding-high', Stage::Mix, 'So much binder turns gummy.', $dough->ledger->bindingIndex(), $style->gummyAbove, Unit::Index)
                : null,
            ...$this->aboutMix($dough),
            $this->outside('piece-unusual', Stage::Portion, 'piece weight for this style', $pieceGrams, $style->pieceGramsBand, Unit::Gram, fn (float $grams): ?Mend => $this->request->pieces->gramsEach === null ? null : Mend::pieceGrams($grams)),
            ...$this->aboutExtras($dough, $piece, $turns),
            $piece->stuffed !== null ? null : $this->outside('thickness-unusual', Stage::Shape, 'thickness for this style', $disc->thicknessMillimetres, $style->thicknessBand, Unit::Millimetre, fn (float $millimetres): ?Mend => $this->request->pieces->thicknessMillimetres === null ? null : Mend::thickness($millimetres)),
            $this->tooWideForPress($disc),
            $this->tooWideForGriddle($disc),
            $carrying->scorches($turns->surfaceCelsius->value)
                ? Warning::of('paper-scorches', Stage::Griddle, 'The griddle is hotter than baking paper is made for: carry the pieces over another way, or turn it down.', $turns->surfaceCelsius->value, WayOver::PAPER_CELSIUS, Unit::Celsius, Mend::overThePalm())
                : null,
            $this->outside('heat-unusual', Stage::Griddle, 'heat for this style', $turns->surfaceCelsius->value, $style->baking->surfaceCelsius, Unit::Celsius, Mend::heat(...)),
            ...$this->aboutTheBake($turns),
        ]));
    }

    /** @return list<Warning> */
    private function aboutExtras(DoughPlan $dough, Piece $piece, TurnPlan $turns): array
    {
        $stuffed = $piece->stuffed;
        $drier = $piece->drierPoints($dough);

        return array_values(array_filter([
            $stuffed === null || $stuffed->holds() ? null : Warning::of('filling-bursts', Stage::Shape, $stuffed->inWords(), min($stuffed->walls()), $stuffed->leastWallMillimetres(), Unit::Millimetre, Mend::thickerWalls(ceil(2 * $stuffed->leastThicknessMillimetres(Stuffing::RESERVE)) / 2)),
            ...$this->aboutSmoke($piece),
            $this->dustingBrowns($piece, $turns),
            $drier < self::DUSTED_POINTS ? null : Warning::of('dusting-dries', Stage::Shape, 'So much dusting flour, worked in, makes the dough drier than it was made: brush it off, or use less.', $drier, self::DUSTED_POINTS, Unit::Point),
        ]));
    }

    /** Loose flour has no water to hold it back: it browns as a pinch of it thrown on the metal does, long before the dough below it. */
    private function dustingBrowns(Piece $piece, TurnPlan $turns): ?Warning
    {
        $dusted = array_filter($piece->extras, static fn (WeighedExtra $extra): bool => in_array($extra->place, [ExtraPlace::Dusting, ExtraPlace::Coating], true) && $extra->ingredient->role->isFlourBase()) !== [];
        $celsius = $turns->surfaceCelsius->value;
        $test = match (true) {
            $celsius >= HeatTest::FlourSmokes->celsius()->low => HeatTest::FlourSmokes,
            $celsius >= HeatTest::FlourBrownsFast->celsius()->low => HeatTest::FlourBrownsFast,
            default => null,
        };

        return ! $dusted || $test === null ? null : Warning::of('dusting-browns', Stage::Griddle, sprintf('Loose flour colours before the bread does: %s Brush the pieces off, and wipe the metal between loads.', lcfirst(str_replace('A pinch of flour', 'on this metal it', $test->inWords()))), $celsius, $test->celsius()->low, Unit::Celsius);
    }

    /** @return list<Warning> for each fat that meets metal hotter than it bears */
    private function aboutSmoke(Piece $piece): array
    {
        $warnings = [];
        foreach ($piece->extras as $extra) {
            $smokes = $extra->ingredient->smokeCelsius;
            if ($smokes !== null && in_array($extra->place, [ExtraPlace::Griddle, ExtraPlace::Faces], true) && $this->request->surfaceCelsius() > $smokes) {
                $warnings[] = Warning::of('fat-smokes-'.$extra->ingredient->id, Stage::Griddle, sprintf('Metal this hot makes %s smoke, which is close to burning: less heat, or a fat that bears it.', $extra->ingredient->inShort()), $this->request->surfaceCelsius(), $smokes, Unit::Celsius, Mend::heat($smokes - self::BELOW_SMOKE_KELVIN));
            }
        }

        return $warnings;
    }

    /**
     * @param list<WeighedLine> $lines
     * @return list<Warning> for each bag that has less in it than this takes
     */
    private function aboutBags(array $lines, int $pieces): array
    {
        $short = [];
        $taken = [];
        foreach ($lines as $line) {
            $taken[$line->lot ?? ''] = ($taken[$line->lot ?? ''] ?? 0.0) + $line->grams;
        }
        foreach ($lines as $line) {
            $left = $this->request->lots[$line->lot ?? '']->leftGrams ?? null;
            $takes = $taken[$line->lot ?? ''];
            if ($left !== null && $left < $takes) {
                $enough = (int) floor($pieces * $left / $takes + 1e-9);
                $short[$line->lot] = Warning::of(
                    'bag-short-'.$line->ingredient->id,
                    Stage::Choose,
                    sprintf('%s: its bag is enough for %d of %d pieces, with', $line->ingredient->name, $enough, $pieces),
                    $left,
                    $takes,
                    Unit::Gram,
                    $enough > 0 && $this->request->formula->isScalable() ? Mend::pieces($enough) : null,
                );
            }
        }

        return array_values($short);
    }

    /** @return list<Warning> */
    private function aboutMix(DoughPlan $dough): array
    {
        $warnings = [];
        $method = $this->request->method;
        if ($dough->scald?->fallsShort() === true) {
            $warnings[] = Warning::of('scald-short', Stage::Water, $dough->scald->inWords(), $dough->ledger->swollenShare(), $this->request->style->swollenWanted ?? 0.0, Unit::Share, self::moreScald($method->scald));
        }
        if ($this->request->style->weakens && $this->request->rests->minutes($method->rest) > 0) {
            $warnings[] = Warning::of('must-not-wait', Stage::Rest, 'This dough weakens while it waits: work it at once, in small lots.', 60 * $this->request->rests->minutes($method->rest), 0.0, Unit::Second, Mend::withoutRest());
        }
        if ($this->hasEgg($dough) && $dough->waterCelsius >= self::EGG_SETS_CELSIUS && $dough->pour->grams > 0) {
            $warnings[] = Warning::of('egg-sets', Stage::Water, 'Water this hot sets egg where it lands: take it warm, or work the egg in once the dough is hand-warm.', $dough->waterCelsius, self::EGG_SETS_CELSIUS, Unit::Celsius, Mend::waterOf(self::YEAST_WATER_CELSIUS));
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
                ? Warning::of('yeast-dead', Stage::Water, 'This heat kills yeast.', $meets, Rise::DEAD_CELSIUS, Unit::Celsius, Mend::waterOf(self::YEAST_WATER_CELSIUS))
                : Warning::of('yeast-harmed', Stage::Water, 'This heat harms yeast.', $meets, Rise::HARMED_CELSIUS, Unit::Celsius, Mend::waterOf(self::YEAST_WATER_CELSIUS));
        } elseif ($rise->minutes === null) {
            $warnings[] = Warning::of('yeast-asleep', Stage::Rest, 'At this temperature the yeast does not work.', $rise->meanCelsius, Rise::BLOOM_CELSIUS[0], Unit::Celsius, Mend::waterOf(self::YEAST_WATER_CELSIUS));
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function aboutWater(DoughPlan $dough): array
    {
        $warnings = [];
        $off = 100 * ($dough->pour->grams - $dough->need->grams()) / $dough->ledger->flourBaseGrams;
        if ($dough->waterFallsShort) {
            $warnings[] = Warning::of('water-cannot-reach', Stage::Water, 'Water alone cannot bring the dough to that temperature. Warm the bowl, or cook some of the flour in the pot.', $dough->mixCelsius, $this->request->water->doughCelsius ?? 0.0, Unit::Celsius, Mend::schoolsWater());
        }
        if ($dough->need->ledgerGrams < 0) {
            $warnings[] = Warning::of('too-wet', Stage::Water, 'Egg and other wet lines already bring more water than this dough takes.', $dough->need->ledgerGrams, 0.0, Unit::Gram);
        }
        // What the scale's step alone makes is no wish of the cook's.
        $step = 50 * $this->request->gear->scaleResolutionGrams / $dough->ledger->flourBaseGrams;
        if (abs($off) > max(self::FELT_POINTS, $step + 0.1)) {
            $text = $off > 0 ? 'More water than this dough takes: it will stick.' : 'Less water than this dough takes: it will crack.';
            $warnings[] = Warning::of($off > 0 ? 'wetter-than-need' : 'drier-than-need', Stage::Water, $text, $off, self::FELT_POINTS, Unit::Point, $this->ownWater());
        }

        return $warnings;
    }

    /** @return list<Warning> what the griddle cannot give */
    private function aboutTheBake(TurnPlan $turns): array
    {
        return [...$this->aboutTheBurner($turns), ...self::aboutWhatIsMissed($turns)];
    }

    /** @return list<Warning> */
    private function aboutTheBurner(TurnPlan $turns): array
    {
        $stride = $turns->stride;
        if ($stride === null || $stride->holds()) {
            return [];
        }
        $text = 'With the flame open this burner holds no more under a full load; the times are for that. Fewer at a time keep it hotter.';

        return [Warning::of('burner-too-weak', Stage::Griddle, $text, $stride->bareCelsius, $stride->wantedCelsius, Unit::Celsius, Mend::heat(max(SurfaceRange::LEAST_CELSIUS, floor($stride->bareCelsius))))];
    }

    /** @return list<Warning> */
    private static function aboutWhatIsMissed(TurnPlan $turns): array
    {
        return array_map(
            static fn (Missed $missed): Warning => Warning::of('griddle-'.$missed->id, Stage::Griddle, $missed->text, $missed->reached, $missed->wanted, $missed->unit, $missed->remedy === null ? null : Mend::by($missed->remedy)),
            $turns->missed,
        );
    }

    /** @param Closure(float): ?Mend $mend for the edge of the band that it lies beyond */
    private function outside(string $id, Stage $stage, string $what, float $value, Spread $band, Unit $unit, Closure $mend): ?Warning
    {
        // A rounding of the last gram is no reason to speak up.
        $slack = 0.01 * ($band->high - $band->low);

        return match (true) {
            $value < $band->low - $slack => Warning::of($id, $stage, 'Low '.$what.'.', $value, $band->low, $unit, $mend($band->low)),
            $value > $band->high + $slack => Warning::of($id, $stage, 'High '.$what.'.', $value, $band->high, $unit, $mend($band->high)),
            default => null,
        };
    }

    private function hasEgg(DoughPlan $dough): bool
    {
        foreach ($dough->lines as $line) {
            if ($line->ingredient->role === Role::Egg && $line->grams > 0) {
                return true;
            }
        }

        return false;
    }

    private function ownWater(): ?Mend
    {
        return $this->request->water->hydrationPercent === null ? null : Mend::ownWater();
    }

    private static function moreScald(Scald $scald): ?Mend
    {
        return match ($scald) {
            Scald::None, Scald::PourOver => Mend::scald(Scald::HalfInPot),
            Scald::HalfInPot => Mend::scald(Scald::AllInPot),
            Scald::AllInPot => null,
        };
    }

    private function tooWideForPress(Disc $disc): ?Warning
    {
        $plate = $this->request->method->shape === Shaping::LeverPress ? $this->request->gear->pressMillimetres : null;
        $press = $plate === null ? null : new Pressing($plate);
        $oblong = $this->request->pieces->oblong;
        $long = $oblong->longMillimetres($disc->diameterMillimetres);

        return $press === null || $press->presses($disc->diameterMillimetres, $oblong) !== null ? null
            : Warning::of('too-wide-for-press', Stage::Shape, $oblong->isRound() ? 'The disc is wider than the press makes, even press beside press: smaller pieces or thicker discs.' : 'The piece is longer than the press: shorter, or smaller pieces.', $long, $oblong->isRound() ? $press->widestInRingMillimetres() : $press->widestMillimetres(), Unit::Millimetre, $this->narrower($press->widestMillimetres()));
    }

    private function tooWideForGriddle(Disc $disc): ?Warning
    {
        $limit = $this->request->gear->widestMillimetres();
        $long = $this->request->pieces->oblong->longMillimetres($disc->diameterMillimetres);

        return $limit === null || $long <= $limit ? null
            : Warning::of('too-wide-for-griddle', Stage::Griddle, 'The disc is wider than the griddle: smaller pieces or thicker discs.', $long, $limit, Unit::Millimetre, $this->narrower($limit));
    }

    private function narrower(float $millimetres): ?Mend
    {
        return $this->request->pieces->diameterMillimetres === null ? null : Mend::diameter($millimetres / $this->request->pieces->oblong->lengthShare);
    }
}
