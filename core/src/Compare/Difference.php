<?php

declare(strict_types=1);

namespace StoneMill\Compare;

use StoneMill\Measure\Unit;

/** One thing that differs between two plans. */
final readonly class Difference
{
    public function __construct(public string $subject, public DifferenceKind $kind, public string $text, public ?float $before, public ?float $after, public ?Unit $unit)
    {
    }
}
