<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Colour;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\School\TurnSchool;

/** What the bread should be when it leaves the heat. */
final readonly class Aim
{
    /** The middle of a thin bread, and of one too thick to be hot at once. */
    public const DONE_CELSIUS = 95.0;

    public const THICK_DONE_CELSIUS = 94.0;

    public const THICK_MILLIMETRES = 10.0;

    /** What may be asked for. */
    public const LEAST_SHADE = 0.05;

    public const MOST_SHADE = 0.85;

    public const LEAST_LOSS_PERCENT = 2;

    public const MOST_LOSS_PERCENT = 50;

    /** Light golden spots. */
    private const USUAL_SHADE = 0.4;

    /** Darker than this no face is left, unless that was wished. */
    private const DARK_SHADE = 0.66;

    private const SHADE_REACH = 0.1;

    /** @throws OutOfRange If the bread should lose no water or all of it, be raw or black, or be colder than warm. */
    public function __construct(public float $lossShare, public float $shade, public float $doneCelsius, public bool $wantsPuff)
    {
        OutOfRange::guard('share of weight to lose', $lossShare, 0.01, 0.6);
        OutOfRange::guard('shade of the faces', $shade, 0.02, 0.9);
        OutOfRange::guard('temperature of the middle in °C', $doneCelsius, 60, 100);
    }

    public static function of(UsualBaking $usual, TurnSchool $school, float $thicknessMillimetres): self
    {
        return new self(
            $usual->weightLossPercent->likely / 100,
            self::USUAL_SHADE,
            $thicknessMillimetres >= self::THICK_MILLIMETRES ? self::THICK_DONE_CELSIUS : self::DONE_CELSIUS,
            $school === TurnSchool::ThreeWithPress || $school === TurnSchool::FlameFinish,
        );
    }

    /** No face is left to get darker than this. */
    public function mostBrownness(): float
    {
        return Colour::ofShade(max(self::DARK_SHADE, $this->shade + self::SHADE_REACH));
    }

    public function brownness(): float
    {
        return Colour::ofShade($this->shade);
    }
}
