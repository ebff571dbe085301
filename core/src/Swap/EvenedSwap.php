<?php

declare(strict_types=1);

namespace StoneMill\Swap;

use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;

/** A swap whose hold was made even again: what it is planned from, and what that comes to. */
final readonly class EvenedSwap
{
    /** @param HelpingBinder|null $helper null where it needs none that is worth a word */
    public function __construct(public GivenRequest $given, public BatchPlan $plan, public ?HelpingBinder $helper)
    {
    }
}
