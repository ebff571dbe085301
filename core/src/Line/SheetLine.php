<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** Something to weigh, as a run sheet names it. */
final readonly class SheetLine
{
    /** @param string $words where it goes; empty for the dough */
    public function __construct(public string $name, public float $grams, public string $words)
    {
    }
}
