<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** What came out once. */
final readonly class Point
{
    /** @param int $level by its place among the levels, from 0 */
    public function __construct(public int $level, public float $value)
    {
    }
}
