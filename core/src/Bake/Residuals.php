<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** What a run leaves unexplained of heat and water, as shares; the metal's heat apart. */
final readonly class Residuals
{
    public function __construct(public float $heat, public float $water, public float $metal)
    {
    }
}
