<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Pantry\Ingredient;

/** What could stand in for a line of a formula. */
final readonly class Swapped
{
    /**
     * @param float $percent of the flour base that the line is
     * @param list<SwapOption> $options best first
     */
    public function __construct(public Ingredient $old, public float $percent, public array $options)
    {
    }
}
