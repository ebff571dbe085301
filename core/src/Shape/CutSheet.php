<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** One rolling of a dough that discs are cut from. */
final readonly class CutSheet
{
    /**
     * @param list<array{x: float, y: float}> $places middles of the discs from the corner of the sheet, in mm
     * @param float $offcutGrams around the discs
     * @param float $drierByPoints of hydration than the dough was, once the offcuts are gathered
     * @param float $workInWaterGrams that make up for it
     */
    public function __construct(
        public float $grams,
        public float $widthMillimetres,
        public float $depthMillimetres,
        public array $places,
        public float $offcutGrams,
        public float $drierByPoints,
        public float $workInWaterGrams,
    ) {
    }
}
