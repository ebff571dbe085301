<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** A dough spread by hand over a sheet. */
final readonly class SpreadSheet
{
    /** @param float $squareMillimetres of the sheet */
    public function __construct(private float $squareMillimetres, private float $doughGrams, private float $thicknessMillimetres, private float $gramsPerMillilitre)
    {
    }

    public function grams(): float
    {
        return $this->squareMillimetres * $this->thicknessMillimetres * $this->gramsPerMillilitre / 1000;
    }

    /** Sheets that the dough makes. */
    public function sheets(): float
    {
        return $this->grams() > 0 ? $this->doughGrams / $this->grams() : 0.0;
    }

    /** Thickness where all of the dough goes on one. */
    public function thicknessOfOneMillimetres(): float
    {
        return $this->squareMillimetres > 0 ? $this->doughGrams * 1000 / ($this->squareMillimetres * $this->gramsPerMillilitre) : 0.0;
    }
}
