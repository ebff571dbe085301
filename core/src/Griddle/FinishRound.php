<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\OvenStep;

/** One round after the griddle: under the broiler, in the oven, or in the oven once more with what was put on. */
final readonly class FinishRound
{
    public function __construct(public OvenStep $what, public float $seconds)
    {
    }
}
