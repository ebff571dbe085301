<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\RequestChange;

/** A request changed for the next batch: in words, and as what makes it so. */
final readonly class Change
{
    public function __construct(public NextChange $kind, public string $text, public RequestChange $change)
    {
    }
}
