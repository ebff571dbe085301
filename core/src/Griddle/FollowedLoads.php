<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** Loads one after another, followed. */
final readonly class FollowedLoads
{
    /**
     * @param non-empty-list<Load> $loads
     * @param float $waitSeconds after a lift until the place has its heat again
     * @param list<string> $words
     */
    public function __construct(public array $loads, public float $waitSeconds, public float $gapSeconds, public array $words)
    {
    }
}
