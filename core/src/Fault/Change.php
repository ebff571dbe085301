<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\RequestChange;

/** A request changed for the next batch: in words, and as what is then asked for. */
final readonly class Change
{
    public function __construct(public NextChange $kind, public string $text, public RequestChange $asked)
    {
    }
}
