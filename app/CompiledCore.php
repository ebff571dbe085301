<?php

declare(strict_types=1);

namespace App;

use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnPlanner;

/**
 * Runs the griddle's model as machine code and nothing else: PHP's tracing compiler is three times as fast on it, and has been
 * seen to get other code wrong, the order of work among it, which is also slower under it. What is first loaded while
 * it is on is what it compiles, so nothing but the model may be run in here. The tests of Bake, Griddle and Hearth run under it.
 */
final readonly class CompiledCore implements TurnPlanner
{
    public function __construct(private ModelTurnPlanner $planner)
    {
    }

    public function plan(Laying $laying): TurnPlan
    {
        return self::run(fn (): TurnPlan => $this->planner->plan($laying));
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     * @return T
     */
    public static function run(callable $work): mixed
    {
        $before = ini_set('opcache.jit', 'tracing');
        try {
            return $work();
        } finally {
            if (is_string($before)) {
                ini_set('opcache.jit', $before);
            }
        }
    }
}
