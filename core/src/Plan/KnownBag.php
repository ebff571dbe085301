<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\WeighedLine;
use StoneMill\Pantry\LearnedWater;

/** A bag of the flour base that something was learned of. */
final readonly class KnownBag
{
    /** @param float $share of the flour base that comes from it */
    public function __construct(public WeighedLine $line, public LearnedWater $water, public float $share)
    {
    }

    public function inWords(): string
    {
        return 'This bag '.$this->water->inWords();
    }
}
