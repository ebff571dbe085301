<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/** What another pan makes of a pour. */
final readonly class OtherPan
{
    /** @param float $samePourTimes by how much longer it cooks then */
    public function __construct(public float $samePourDepthMillimetres, public float $samePourTimes, public float $sameDepthGrams, public float $sameDepthRounds, public bool $overflows)
    {
    }
}
