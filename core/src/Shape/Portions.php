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

    /** @param Spread $lossShare of the dough that bowl and hands keep */
    public static function ofDough(float $mixedGrams, int $count, float $resolutionGrams, Spread $lossShare): self
    {
        return new self($mixedGrams, $lossShare->multipliedBy($mixedGrams), Countdown::from(self::leftGrams($mixedGrams, $lossShare), $count, $resolutionGrams), $count);
    }

    /** What stays on bowl, spoon and hands, as a share of the dough, where nobody weighed it. */
    public static function usualLoss(): Spread
    {
        return Spread::of(...self::LOSS_SHARE);
    }

    /** Dough that reaches the scale out of this much mixed dough. */
    public static function leftGrams(float $mixedGrams, Spread $lossShare): float
    {
        return $mixedGrams * (1 - $lossShare->likely);
    }

    /** Dough that must be mixed so that this much reaches the scale. */
    public static function mixedFor(float $leftGrams, Spread $lossShare): float
    {
        return $leftGrams / (1 - $lossShare->likely);
    }

    public function pieceGrams(): float
    {
        return $this->countdown->readingGrams / $this->count;
    }
}
