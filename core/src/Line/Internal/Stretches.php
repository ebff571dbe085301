<?php

declare(strict_types=1);

namespace StoneMill\Line\Internal;

/** Free stretches that together hold a piece of work, from the last to the first; or how many seconds they are short of it. */
final readonly class Stretches
{
    /** @param list<array{float, float}> $parts from and until; empty where there is not enough time */
    private function __construct(public array $parts, public float $missing)
    {
    }

    /** @param list<array{float, float}> $parts */
    public static function holding(array $parts): self
    {
        return new self($parts, 0.0);
    }

    public static function shortOf(float $seconds): self
    {
        return new self([], $seconds);
    }
}
