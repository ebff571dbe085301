<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\BatchPlan;
use StoneMill\Record\BatchState;

/** The batch that a fault was met in: what was planned, what was done. */
final readonly class Circumstances
{
    /**
     * @param int|null $piece that shows it; null for all of them, or for the dough
     * @param list<Tried> $tried for the same bread, the latest last
     */
    public function __construct(public BatchPlan $plan, public BatchState $state, public ?int $piece = null, public array $tried = [])
    {
    }
}
