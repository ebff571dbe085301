<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;

/** A flat bread about to be laid: what it is of, how thick, how warm. */
final readonly class LaidBread
{
    /** @throws OutOfRange If it is thinner than paper or thicker than a loaf, or frozen or cooked. */
    public function __construct(public Matter $matter, public float $thicknessMillimetres, public float $celsius)
    {
        OutOfRange::guard('thickness in mm', $thicknessMillimetres, 0.3, 60);
        OutOfRange::guard('temperature of the dough in °C', $celsius, 0, 100);
    }

    /** Mass of a square metre in kg. */
    public function kilogramPerSquareMetre(): float
    {
        return $this->matter->dryPerCubicMetre() * (1 + $this->matter->waterPerDry) * $this->thicknessMillimetres / 1000;
    }
}
