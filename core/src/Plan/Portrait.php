<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Bake\BreadColour;
use StoneMill\Griddle\Face;
use StoneMill\School\Shaping;
use StoneMill\Shape\Oblong;

/**
 * What a bread will look like by its plan, as numbers that any drawing can follow: so wide, so thick, of this flour, browned so far,
 * with a rim as the hands leave it. The same plan gives the same picture.
 */
final readonly class Portrait
{
    private const RIM_POINTS = 24;

    /** Nothing in the formula has a colour of its own. */
    private const PALE = '#f0e6d0';

    /** Spots lie along a sunflower's spiral, which fills a disc evenly. */
    private const GOLDEN_ANGLE = 2.399963;

    private const FEWEST_SPOTS = 3;

    private const SPOTS_PER_SHADE = 34;

    /** A batter's bubbles burst where they rise: many and small. */
    private const PORES = 60;

    /** The side of a bread is not browned but by the heat that passes it. */
    private const SIDE_SHADE = 0.4;

    /**
     * @param non-empty-list<float> $rim from the middle to the rim all round, in half diameters, of an oblong in half its length
     * @param list<array{float, float, float}> $spots across, down and half as wide as, in half diameters
     */
    private function __construct(
        public float $diameterMillimetres,
        public float $thicknessMillimetres,
        public bool $puffs,
        public string $base,
        public string $spot,
        public string $side,
        public array $rim,
        public array $spots,
    ) {
    }

    public static function of(BatchPlan $plan): self
    {
        $dough = BreadColour::mixed(self::parts($plan));
        $face = $plan->turns->faces[0] ?? new Face('first', 0.0, 0.0, 0.0, null);
        $shaping = $plan->request->method->shape;
        $seed = crc32($plan->request->style->id) % 1000;

        return new self(
            $plan->request->pieces->oblong->longMillimetres($plan->cookedDiameterMillimetres()),
            $plan->disc->thicknessMillimetres,
            $plan->turns->puffs,
            $dough->baked($face->restShade)->srgb(),
            $dough->baked($face->shade)->srgb(),
            $dough->baked(self::SIDE_SHADE * $face->restShade)->srgb(),
            self::rim($shaping, $seed, $plan->request->pieces->oblong),
            self::along($plan->request->pieces->oblong, $shaping === Shaping::Pour ? self::spots(self::PORES, 0.014, 0.03, $seed) : self::spots(self::FEWEST_SPOTS + (int) round(self::SPOTS_PER_SHADE * $face->shade), 0.035, 0.1, $seed)),
        );
    }

    /** @return non-empty-list<array{string, float}> what colours the dough, by its dry weight */
    private static function parts(BatchPlan $plan): array
    {
        $parts = [];
        foreach ($plan->dough->lines as $line) {
            $dry = $line->grams * (1 - $line->ingredient->composition->waterGrams / 100);
            if ($line->ingredient->tint !== null && $dry > 0) {
                $parts[] = [$line->ingredient->tint, $dry];
            }
        }

        return $parts === [] ? [[self::PALE, 1.0]] : $parts;
    }

    /**
     * A press and a cutter leave a circle, a pin nearly one; palms, fingers and a poured batter do not. Reach of the rim in half
     * diameters, planning estimates for drawing.
     *
     * @return non-empty-list<float>
     */
    private static function rim(Shaping $shaping, int $seed, Oblong $oblong): array
    {
        $reach = match ($shaping) {
            Shaping::LeverPress, Shaping::Cutter => 0.004,
            Shaping::TwoPlates, Shaping::RollingPin => 0.014,
            Shaping::Pour => 0.025,
            Shaping::Palms, Shaping::Fingers => 0.04,
        };

        return array_map(static function (int $point) use ($reach, $seed, $oblong): float {
            $round = 2 * M_PI * $point / self::RIM_POINTS;
            // From the middle of an ellipse to its rim, over half its length.
            $far = 1 / hypot(cos($round), sin($round) * $oblong->longOverWide);

            return round($far * (1 + $reach * (0.6 * sin(3 * $round + $seed) + 0.4 * sin(7 * $round + 2 * $seed))), 3);
        }, range(0, self::RIM_POINTS - 1));
    }

    /**
     * @param list<array{float, float, float}> $spots of a round
     * @return list<array{float, float, float}>
     */
    private static function along(Oblong $oblong, array $spots): array
    {
        return $oblong->isRound() ? $spots : array_map(static fn (array $spot): array => [$spot[0], round($spot[1] / $oblong->longOverWide, 2), round($spot[2] / $oblong->lengthShare, 3)], $spots);
    }

    /** @return list<array{float, float, float}> */
    private static function spots(int $count, float $least, float $most, int $seed): array
    {
        return array_map(static function (int $spot) use ($count, $least, $most, $seed): array {
            // Half a step from the middle to the rim, and each a little off its place: a hash by sine, the same on every machine.
            $stray = fmod(abs(sin(12.9898 * ($spot + 1) + $seed) * 43758.5453), 1.0);
            $out = 0.9 * sqrt(($spot + 0.5) / $count);
            $round = $spot * self::GOLDEN_ANGLE + $stray;

            return [round($out * cos($round), 2), round($out * sin($round), 2), round($least + ($most - $least) * $stray ** 2, 3)];
        }, range(0, $count - 1));
    }
}
