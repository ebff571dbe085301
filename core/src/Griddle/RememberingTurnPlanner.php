<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Measure\Memory;

/** The same bread on the same metal is baked once: everything that a bake depends on is in its laying, and in nothing else. */
final readonly class RememberingTurnPlanner implements TurnPlanner
{
    public function __construct(private TurnPlanner $planner, private Memory $memory)
    {
    }

    public function plan(Laying $laying): TurnPlan
    {
        return $this->memory->of(TurnPlan::class, $laying, fn (): TurnPlan => $this->planner->plan($this->settled($laying)));
    }

    public function settled(Laying $laying): Laying
    {
        return $this->memory->of(Laying::class, $laying, fn (): Laying => $this->planner->settled($laying));
    }
}
