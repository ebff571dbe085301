<?php

declare(strict_types=1);

namespace StoneMill\Trial;

/** Between two bounds; a bound that the data cannot give is null. */
final readonly class Interval
{
    public function __construct(public ?float $low, public ?float $high)
    {
    }

    public function excludesNothing(): bool
    {
        return ($this->low === null || $this->low <= 0) && ($this->high === null || $this->high >= 0);
    }

    public function liesWithin(float $reach): bool
    {
        return $this->low !== null && $this->high !== null && $this->low > -$reach && $this->high < $reach;
    }
}
