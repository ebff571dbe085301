<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Spread;

/** The dough as it is divided: what stays on bowl and hands, and equal pieces from the rest. */
final readonly class Portions
{
    /** What stays on bowl, spoon and hands, as a share of the dough. Planning estimate, low, likely, high. */
    private const LOSS_SHARE = [0.008, 0.015, 0.025];

    public function __construct(
        public float $mixedGrams,
        public Spread $lostGrams,
        public Countdown $countdown,
        public int $count,
    ) {
    }

    public static function ofDough(float $mixedGrams, int $count, float $resolutionGrams): self
    {
        $lost = Spread::of(...self::LOSS_SHARE)->multipliedBy($mixedGrams);

        return new self($mixedGrams, $lost, Countdown::from(self::leftGrams($mixedGrams), $count, $resolutionGrams), $count);
    }

    /** Dough that reaches the scale out of this much mixed dough. */
    public static function leftGrams(float $mixedGrams): float
    {
        return $mixedGrams * (1 - self::LOSS_SHARE[1]);
    }

    /** Dough that must be mixed so that this much reaches the scale. */
    public static function mixedFor(float $leftGrams): float
    {
        return $leftGrams / (1 - self::LOSS_SHARE[1]);
    }

    public function pieceGrams(): float
    {
        return $this->countdown->readingGrams / $this->count;
    }
}
