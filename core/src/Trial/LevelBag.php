<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Pantry\LotFacts;

/** A bag that can be a level of a trial: what is in it, and what a plan must know of it. */
final readonly class LevelBag
{
    public function __construct(public string $ingredient, public LotFacts $facts)
    {
    }
}
