<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Measure\Figure;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;

/** How wide the pieces of this dough get at the planned thickness, now that their weight is known. */
final readonly class ShapeState
{
    public function __construct(private PlannedBatch $plan, private float $pieceGrams)
    {
    }

    /** At one thickness and density, weight goes with the square of the diameter. */
    public function diameterMillimetres(): float
    {
        return $this->plan->diameterMillimetres * sqrt($this->pieceGrams / $this->plan->pieceGrams);
    }

    public function diameter(): Figure
    {
        return Figure::exact(
            $this->diameterMillimetres(),
            Unit::Millimetre,
            Reason::amount('Piece of this dough', $this->pieceGrams, Unit::Gram),
            Reason::amount('Thickness', $this->plan->thicknessMillimetres, Unit::Millimetre),
            Reason::amount('Planned were pieces of', $this->plan->pieceGrams, Unit::Gram),
            Reason::amount('which would be wide', $this->plan->diameterMillimetres, Unit::Millimetre),
        );
    }
}
