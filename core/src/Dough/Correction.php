<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Rounding;
use StoneMill\Measure\Spoons;
use StoneMill\Measure\SpoonSet;
use StoneMill\Measure\Spread;
use StoneMill\School\Texture;

/**
 * What to work in so that a dough of one feel becomes ready: water for a dry one, the dry mix for a wet one.
 * Water is never taken back.
 */
final readonly class Correction
{
    /** How far the hand's reading of a grade may be off, in points (10 % and 90 %). Planning estimate. */
    private const READING_POINTS = 2.0;

    private const LEAST_LIQUID_PERCENT = 1.0;

    private function __construct(
        public FeelGrade $grade,
        public Spread $waterGrams,
        public Spread $flourGrams,
        public float $liquidPercentAfter,
    ) {
    }

    /**
     * @param float $liquidGrams added water and what egg and other wet lines brought
     * @param float $resolutionGrams what the scale can show
     *
     * @throws OutOfRange If there is no flour in the bowl, or the liquid in it is negative.
     */
    public static function of(FeelGrade $grade, float $flourBaseGrams, float $liquidGrams, float $resolutionGrams): self
    {
        OutOfRange::guard('flour base in grams', $flourBaseGrams, 1e-6, 1e7);
        OutOfRange::guard('liquid in grams', $liquidGrams, 0, 1e7);
        $off = $grade->offsetPoints();
        $nothing = Spread::exactly(0.0);
        $water = $off < 0 ? self::spread($off, $resolutionGrams, static fn (float $points): float => self::waterFor($points, $flourBaseGrams)) : $nothing;
        $flour = $off > 0 ? self::spread($off, $resolutionGrams, static fn (float $points): float => self::flourFor($points, $flourBaseGrams, $liquidGrams)) : $nothing;

        return new self($grade, $water, $flour, 100 * ($liquidGrams + $water->likely) / ($flourBaseGrams + $flour->likely));
    }

    /** W′ = F · points / 100, since each point is a gram of water per hundred of flour. */
    private static function waterFor(float $points, float $flourBaseGrams): float
    {
        return $flourBaseGrams * -$points / 100;
    }

    /**
     * F′ = F · (l / (l − points) − 1), l the liquid in % of flour base: flour at the ratio that the dough turned out to want. The rest of the
     * dry mix goes with it in step, so that salt and binder keep their share.
     */
    private static function flourFor(float $points, float $flourBaseGrams, float $liquidGrams): float
    {
        $liquid = 100 * $liquidGrams / $flourBaseGrams;
        $wanted = max(self::LEAST_LIQUID_PERCENT, $liquid - $points);

        return $flourBaseGrams * max(0.0, $liquid / $wanted - 1);
    }

    /** @param callable(float): float $gramsFor */
    private static function spread(float $points, float $resolutionGrams, callable $gramsFor): Spread
    {
        $sign = $points < 0 ? -1.0 : 1.0;
        $grams = static fn (float $size): float => Rounding::toStep($gramsFor($sign * $size), $resolutionGrams);
        // What is to be worked in at all is at least what the scale can show.
        $likely = max($resolutionGrams, $grams(abs($points)));

        return Spread::of(min($likely, $grams(max(0.0, abs($points) - self::READING_POINTS))), $likely, max($likely, $grams(abs($points) + self::READING_POINTS)));
    }

    /**
     * What to do about it, without the grams.
     *
     * @param int $restSeconds 0 where the dough must not wait
     */
    public function instruction(Texture $texture, int $restSeconds, SpoonSet $spoons = SpoonSet::Metric): string
    {
        $isBatter = $texture === Texture::Batter;
        $water = $this->waterGrams->likely;
        $flour = $this->flourGrams->likely;

        return match (true) {
            $water > 0 => sprintf('%s water, then %s again. In spoons: %s.', $isBatter ? 'Stir in' : 'Work in', $isBatter ? 'let it run' : 'feel', Spoons::holding($water, 1.0, $spoons)->inWords()),
            $flour > 0 => sprintf('%s dry mix, then %s again. Wait a minute between additions.', $isBatter ? 'Whisk in' : 'Work in', $isBatter ? 'let it run' : 'feel'),
            $restSeconds > 0 => 'Nothing to add. Cover it and go on.',
            default => 'Nothing to add. Go on at once.',
        };
    }
}
