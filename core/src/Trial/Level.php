<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** One of the few ways that a trial holds beside each other. */
final readonly class Level
{
    /** @param float|null $value on its scale; null where the levels are names */
    public function __construct(public string $name, public ?float $value)
    {
    }
}
