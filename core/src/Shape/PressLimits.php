<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** What a press allows of a disc. */
final readonly class PressLimits
{
    private function __construct(
        public float $plateMillimetres,
        public float $widestMillimetres,
        public float $mostGrams,
        public float $thinnestOfPieceMillimetres,
        public ?int $presses,
        public float $offsetMillimetres,
    ) {
    }

    public static function of(float $plateMillimetres, Pressing $press, Disc $disc, Oblong $oblong): self
    {
        $widest = $press->widestMillimetres();

        return new self(
            $plateMillimetres,
            $widest,
            Disc::ofDiameterAndThickness($widest, $disc->thicknessMillimetres, $disc->gramsPerMillilitre)->grams,
            Disc::ofWeightAndDiameter($disc->grams, $widest, $disc->gramsPerMillilitre)->thicknessMillimetres,
            $press->presses($disc->diameterMillimetres, $oblong),
            $press->offsetMillimetres($disc->diameterMillimetres),
        );
    }
}
