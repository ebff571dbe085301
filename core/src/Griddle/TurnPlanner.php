<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** Finds when to turn and lift. Style defaults answer today; a physical model can answer behind the same door. */
interface TurnPlanner
{
    public function plan(Laying $laying): TurnPlan;
}
