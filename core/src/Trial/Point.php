<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** What came out once. */
final readonly class Point
{
    /**
     * @param int $level by its place among the levels, from 0
     * @param string|null $pair the dough that it was half of; null where each came out of its own
     */
    public function __construct(public int $level, public float $value, public ?string $pair = null)
    {
    }
}
