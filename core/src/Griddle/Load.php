<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** One load of several on the same places. */
final readonly class Load
{
    /** @param float $laidOnCelsius of the metal as it was laid */
    public function __construct(public int $number, public float $laidOnCelsius, public Griddling $work)
    {
    }

    public function lowestCelsius(): float
    {
        return $this->work->bake->lowestMetalCelsius();
    }

    /** @return array{Face, Face} */
    public function faces(): array
    {
        [$first, $second] = $this->work->bake->faces();

        return [Face::baked('first', $first), Face::baked('second', $second)];
    }
}
