<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** A bowl of batter in equal pours. */
final readonly class PouredBatter
{
    /**
     * @param list<float> $marks of the scale after each pour
     * @param float $wholePansLeftGrams what is left where every pour but the last is as deep as wished
     */
    public function __construct(
        public int $rounds,
        public float $pourGrams,
        public float $pourMillilitres,
        public float $depthMillimetres,
        public bool $overflows,
        public array $marks,
        public float $wantedDepthMillimetres,
        public float $wholePansLeftGrams,
        public ?OtherPan $inAnother,
    ) {
    }
}
