<?php

declare(strict_types=1);

namespace StoneMill\Swap;

/** A binder that a swap adds or takes out to keep the hold even. */
final readonly class HelpingBinder
{
    /** @param float $percent of the flour base; below zero where there is less of it */
    public function __construct(public string $name, public float $percent)
    {
    }
}
