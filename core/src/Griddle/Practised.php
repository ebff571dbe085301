<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** A bread that somebody practises on, as it lies now. */
final readonly class Practised
{
    /** @param PlannedBake|null $lifted the whole of it, once it was lifted */
    public function __construct(public Griddling $work, public ?PlannedBake $lifted)
    {
    }
}
