<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** Finds when to turn and lift: by the model of heat and water, or in a sketch by the style's own times. */
interface TurnPlanner
{
    public function plan(Laying $laying): TurnPlan;
}
