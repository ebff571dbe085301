<?php

declare(strict_types=1);

namespace StoneMill\Griddle\Internal;

use Closure;
use StoneMill\Bake\Mesh;
use StoneMill\Griddle\Aim;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;

/**
 * The rough bakes of one bread that a search makes: each heat and leaning is baked once, however often the search comes back to
 * it, and the search is over when its work is spent. Work is counted in layers times steps, not in time, so that the
 * same question finds the same answer on any machine.
 */
final class TriedBakes
{
    /** @var array<string, float> cost by heat, leaning and number of turns */
    private array $costs = [];

    private float $spent = 0.0;

    private ?PlannedBake $best = null;

    private float $least = INF;

    private readonly ModelTurnPlanner $planner;

    private readonly Mesh $mesh;

    /**
     * @param Closure(PlannedBake): float $cost
     * @param float $work that may be spent, in layers times steps
     */
    public function __construct(private readonly Laying $laying, private readonly Aim $aim, private readonly Closure $cost, private readonly float $work)
    {
        $this->mesh = Mesh::rough($laying->thicknessMillimetres());
        $this->planner = new ModelTurnPlanner($this->mesh);
    }

    /**
     * @param int|null $times turned; null for as often as the school does
     * @return float infinite where the work is spent before this bake was tried
     */
    public function cost(float $heat, float $lean, ?int $times): float
    {
        $key = sprintf('%.6F %.6F %d', $heat, $lean, $times ?? 0);
        if (! isset($this->costs[$key])) {
            if ($this->best !== null && $this->spent >= $this->work) {
                return INF;
            }
            $this->costs[$key] = $this->tried($heat, $lean, $times);
        }

        return $this->costs[$key];
    }

    /** The cheapest that was tried. */
    public function best(): PlannedBake
    {
        return $this->best ?? throw new \LogicException('Nothing was tried yet.');
    }

    private function tried(float $heat, float $lean, ?int $times): float
    {
        $baked = $this->planner->bake(
            ($times === null ? $this->laying : $this->laying->turned($times))->at($heat)->towards($this->aim, $lean),
        );
        $this->spent += $this->mesh->work($this->laying->thicknessMillimetres(), $baked->work->bake->secondsOn());
        $cost = ($this->cost)($baked);
        if ($cost < $this->least) {
            [$this->least, $this->best] = [$cost, $baked];
        }

        return $cost;
    }
}
