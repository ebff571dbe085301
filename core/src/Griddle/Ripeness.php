<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\BakeUnderWay;

/**
 * How near a bread is to its next touch: 1 when it is due. A thin bread tells by what it lost or how its face has set, a thick one
 * by the colour of the face below, and one between by the geometric mean of both, each with its weight, so that nothing jumps with thickness.
 */
final readonly class Ripeness implements Progress
{
    /** A face that has not begun to colour yet holds a bread back no more than this share would. */
    private const LEAST = 0.05;

    /**
     * @param Sign $sign of a thin bread
     * @param float $level of that sign at which it is due
     * @param float $brownness of the face below at which it is due
     * @param float $colourWeight from 0 for a thin bread to 1 for one that is turned by colour alone
     */
    public function __construct(public Sign $sign, public float $level, public float $brownness, public float $colourWeight)
    {
    }

    public function valueOf(BakeUnderWay $bake): float
    {
        $byColour = $this->colourWeight > 0 ? max(self::LEAST, Sign::Browned->valueOf($bake) / $this->brownness) ** $this->colourWeight : 1.0;
        $bySign = $this->colourWeight < 1 ? max(0.0, $this->sign->valueOf($bake) / $this->level) ** (1 - $this->colourWeight) : 1.0;

        return $byColour * $bySign;
    }
}
