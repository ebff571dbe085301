<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/** Finds when to turn and lift: by the model of heat and water, or in a sketch by the style's own times. */
interface TurnPlanner
{
    /** @param Laying $laying in a stride already, or yet to be brought into one */
    public function plan(Laying $laying): TurnPlan;

    /** The same laying in the stride of its griddle, load after load. */
    public function settled(Laying $laying): Laying;
}
