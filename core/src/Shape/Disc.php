<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * A flat round of dough: weight, diameter and thickness, of which any two give the third.
 *
 *   m = ρ · π/4 · d² · t
 */
final readonly class Disc
{
    private function __construct(
        public float $grams,
        public float $diameterMillimetres,
        public float $thicknessMillimetres,
        public float $gramsPerMillilitre,
    ) {
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function ofWeightAndThickness(float $grams, float $thicknessMillimetres, float $gramsPerMillilitre): self
    {
        self::guard($grams, $thicknessMillimetres, $gramsPerMillilitre);
        $diameter = sqrt(4 * $grams * 1000 / (M_PI * $thicknessMillimetres * $gramsPerMillilitre));

        return new self($grams, $diameter, $thicknessMillimetres, $gramsPerMillilitre);
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function ofWeightAndDiameter(float $grams, float $diameterMillimetres, float $gramsPerMillilitre): self
    {
        self::guard($grams, $diameterMillimetres, $gramsPerMillilitre);
        $thickness = 4 * $grams * 1000 / (M_PI * $diameterMillimetres ** 2 * $gramsPerMillilitre);

        return new self($grams, $diameterMillimetres, $thickness, $gramsPerMillilitre);
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function ofDiameterAndThickness(float $diameterMillimetres, float $thicknessMillimetres, float $gramsPerMillilitre): self
    {
        self::guard($diameterMillimetres, $thicknessMillimetres, $gramsPerMillilitre);
        $grams = $gramsPerMillilitre * M_PI / 4 * $diameterMillimetres ** 2 * $thicknessMillimetres / 1000;

        return new self($grams, $diameterMillimetres, $thicknessMillimetres, $gramsPerMillilitre);
    }

    private static function guard(float ...$measures): void
    {
        foreach ($measures as $measure) {
            OutOfRange::guard('measure of a disc', $measure, 1e-6, 1e6);
        }
    }
}
