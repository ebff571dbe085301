<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Compare\Comparison;

/** A change of the formula that another batch could be made with, held against the bread as it is. */
final readonly class NextTime
{
    public function __construct(public Change $change, public Comparison $comparison)
    {
    }
}
