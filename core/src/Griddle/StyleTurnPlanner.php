<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\School\TurnAction;

/**
 * Turn times from what practice says of the style, scaled to the heat and thickness at hand:
 *
 *   t = t_ref · (d / d_ref)^1.3 · (T_ref − 100) / (T − 100)
 *
 * The exponent lies between heating through (2) and boiling off water at a given heat flow (1); the last
 * factor is the heat flow into a face that is held at 100 °C by its own steam. A rule for sketches, where many
 * breads are weighed and none is cooked; plans come from ModelTurnPlanner.
 */
final readonly class StyleTurnPlanner implements TurnPlanner
{
    public const THICKNESS_EXPONENT = 1.3;

    private const BOILING_CELSIUS = 100.0;

    /** A touch may come this share of its interval early or late. */
    private const WINDOW_SHARE = 0.18;

    /** Colour doubles for every so many kelvin of surface heat. Planning estimate for starch browning near 200 °C. */
    private const COLOUR_DOUBLING_KELVIN = 20.0;

    /** @throws UnplannedSchool If the style is not turned that way. */
    public function settled(Laying $laying): Laying
    {
        return SteadyCycle::settled($laying);
    }

    public function plan(Laying $laying): TurnPlan
    {
        $reference = $laying->usual->by($laying->school);
        $factor = ($laying->thicknessMillimetres() / $reference->referenceMillimetres) ** self::THICKNESS_EXPONENT
            * ($reference->referenceCelsius - self::BOILING_CELSIUS) / ($laying->surfaceCelsius() - self::BOILING_CELSIUS);
        $touches = self::touches($reference, $factor);
        $turns = array_slice($touches, 0, -1);

        return new TurnPlan(
            surfaceCelsius: Figure::exact(
                $laying->surfaceCelsius(),
                Unit::Celsius,
                Reason::amount('Usual for this bread from', $laying->usual->surfaceCelsius->low, Unit::Celsius),
                Reason::amount('to', $laying->usual->surfaceCelsius->high, Unit::Celsius),
            ),
            turns: $turns,
            lift: $touches[count($touches) - 1],
            finish: $laying->school->finish(),
            finishSeconds: $reference->finishSeconds,
            weightLossPercent: Figure::spread(
                $laying->usual->weightLossPercent,
                Unit::Percent,
                Reason::saying('Usual for this style when the turn plan is kept; the griddle has not been weighed yet.'),
            ),
            faces: self::faces($touches, $reference, $laying->surfaceCelsius()),
            basis: 'style defaults scaled to heat and thickness',
        );
    }

    /** @return non-empty-list<TurnWindow> */
    private static function touches(StylePlan $reference, float $factor): array
    {
        $planned = [...$reference->turns, ['action' => TurnAction::Lift, 'seconds' => $reference->liftSeconds]];
        $before = 0.0;
        $touches = [];
        foreach ($planned as ['action' => $action, 'seconds' => $seconds]) {
            $slack = self::WINDOW_SHARE * ($seconds - $before) * $factor;
            $touches[] = new TurnWindow($action, $seconds * $factor, $seconds * $factor - $slack, $seconds * $factor + $slack);
            $before = $seconds;
        }

        return $touches;
    }

    /**
     * @param list<TurnWindow> $touches
     * @return list<Face>
     */
    private static function faces(array $touches, StylePlan $reference, float $surfaceCelsius): array
    {
        $contact = self::contactSeconds(array_map(static fn (TurnWindow $touch): float => $touch->atSeconds, $touches));
        $full = $reference->liftSeconds / 2;
        // Less time on hotter metal is already in the contact; its colour is set against the reference time.
        $heat = 2 ** (($surfaceCelsius - $reference->referenceCelsius) / self::COLOUR_DOUBLING_KELVIN);

        return array_map(
            static fn (string $name, float $seconds): Face => new Face($name, $seconds, 1 - 2 ** (-$seconds / $full * $heat), 0.0, null),
            ['first', 'second'],
            $contact,
        );
    }

    /**
     * @param list<float> $touchSeconds
     * @return array{float, float}
     */
    private static function contactSeconds(array $touchSeconds): array
    {
        $contact = [0.0, 0.0];
        $before = 0.0;
        foreach ($touchSeconds as $index => $seconds) {
            $contact[$index % 2 === 0 ? 0 : 1] += $seconds - $before;
            $before = $seconds;
        }

        return $contact;
    }
}
