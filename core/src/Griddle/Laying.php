<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Style\Style;

/** What is about to be laid on the griddle. */
final readonly class Laying
{
    /** @throws OutOfRange If the metal is no hotter than boiling water, or the bread has no thickness. */
    public function __construct(
        public Style $style,
        public TurnSchool $school,
        public float $thicknessMillimetres,
        public float $surfaceCelsius,
    ) {
        OutOfRange::guard('thickness in mm', $thicknessMillimetres, 0.1, 100);
        OutOfRange::guard('surface temperature in °C', $surfaceCelsius, 120, 400);
    }
}
