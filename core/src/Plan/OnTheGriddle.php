<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Bake\Iron;
use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Dough\WeighedLine;
use StoneMill\Griddle\Laying;
use StoneMill\Pantry\Swelling;
use StoneMill\Shape\Disc;
use StoneMill\Shape\Packing;

/** What of a plan meets the griddle: the dough as matter, the disc as a slab, the gear as hot metal. */
final class OnTheGriddle
{
    /** By the time it is laid, a dough is this share of the way from the room to what it was when mixed. Planning estimate. */
    private const WARMTH_LEFT = 0.3;

    /** A dough on the bench is never hotter than hands bear. */
    private const MOST_CELSIUS = 45.0;

    /**
     * @param list<WeighedLine> $lines with the water
     * @param float $restedCelsius of the dough as mixed, or as a place other than the room left it
     */
    public static function laying(PlanRequest $request, array $lines, float $restedCelsius, Disc $disc, Packing $packing): Laying
    {
        $room = $request->room->celsius;
        $celsius = max(1.0, min(self::MOST_CELSIUS, $room + self::WARMTH_LEFT * ($restedCelsius - $room)));

        return new Laying(
            $request->style->baking,
            $request->method->turns,
            $request->method->grease,
            new LaidBread(self::matter($request, $lines), $disc->thicknessMillimetres, $celsius),
            self::iron($request, $disc, $packing),
            $request->gear->oven->air($room),
            $request->griddle->aim($request->style, $request->method->turns, $disc->thicknessMillimetres, $request->purpose)->losingBeside(($request->experience->of(LearnedKind::WeightLoss)->value ?? 0.0) / 100),
            $request->griddle->balance,
            $request->griddle->turnCount,
            $request->gear->oven->finish($disc),
        );
    }

    private static function iron(PlanRequest $request, Disc $disc, Packing $packing): Iron
    {
        $gear = $request->gear;
        $covered = count($packing->places) * M_PI / 4 * $disc->diameterMillimetres ** 2 / $gear->areaSquareMillimetres($disc->diameterMillimetres);

        return Iron::of(
            $gear->metal,
            $gear->burner,
            $gear->metalMillimetres ?? $gear->metal->usualMillimetres(),
            $request->surfaceCelsius(),
            min(0.9, max(0.05, $covered)),
            min(1000.0, max(5.0, $disc->diameterMillimetres / 2)),
            $gear->mostPower($disc->diameterMillimetres),
        )->sagging($request->experience->of(LearnedKind::Sag)->value ?? 0.0);
    }

    /** @param list<WeighedLine> $lines */
    private static function matter(PlanRequest $request, array $lines): Matter
    {
        return Matter::of(WeighedLine::mixed($lines), $request->style->airShare, self::swelling($lines))->colouring($request->style->baking->colouring * ($request->experience->of(LearnedKind::Colour)->value ?? 1.0));
    }

    /**
     * The range of the flour that there is most of.
     *
     * @param list<WeighedLine> $lines
     */
    private static function swelling(array $lines): ?Swelling
    {
        $most = 0.0;
        $swelling = null;
        foreach ($lines as $line) {
            if ($line->ingredient->swelling !== null && $line->grams > $most) {
                $most = $line->grams;
                $swelling = $line->ingredient->swelling;
            }
        }

        return $swelling;
    }
}
