<?php

declare(strict_types=1);

namespace StoneMill\Dough;

/** So much water of one temperature for the jug: ice, tap or kettle. */
final readonly class WaterPour
{
    public function __construct(public WaterSource $kind, public float $grams, public float $celsius)
    {
    }
}
