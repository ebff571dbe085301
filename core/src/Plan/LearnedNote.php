<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\School\Stage;

/** One thing that the record changed in a plan: what it says, and what would hold without it. */
final readonly class LearnedNote
{
    /** @param string $key where the request names it */
    public function __construct(public string $key, public Stage $stage, public string $words, public string $without)
    {
    }
}
