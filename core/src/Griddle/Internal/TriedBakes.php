<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Internal;

use Closure;
use StoneMill\Bake\Mesh;
use StoneMill\Griddle\Aim;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;

/** What rough bakes of one bread cost a search: each heat and leaning is baked once, however often the search comes back to it. */
final class TriedBakes
{
    /** @var array<string, float> by heat, leaning and number of turns */
    private array $costs = [];

    private readonly ModelTurnPlanner $planner;

    /** @param Closure(PlannedBake): float $cost */
    public function __construct(private readonly Laying $laying, private readonly Aim $aim, private readonly Closure $cost)
    {
        $this->planner = new ModelTurnPlanner(Mesh::rough($laying->thicknessMillimetres()));
    }

    /** @param int|null $times turned; null for as often as the school does */
    public function cost(float $heat, float $lean, ?int $times): float
    {
        return $this->costs[sprintf('%.6F %.6F %d', $heat, $lean, $times ?? 0)] ??= ($this->cost)($this->planner->bake(
            ($times === null ? $this->laying : $this->laying->turned($times))->on($this->laying->iron->at($heat))->towards($this->aim, $lean),
        ));
    }
}
