<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** A bread at the levels of a trial. */
final class Levels
{
    private ?BatchPlan $standing = null;

    /**
     * @param array<string, mixed> $request plan request of the bread as it stands
     * @param array<string, LevelBag> $bags of the kitchen, with something in them, by their identifiers
     */
    public function __construct(private readonly Reference $reference, private readonly Planner $planner, private readonly array $request, private readonly array $bags)
    {
    }

    /**
     * The bread as it stands, planned once.
     *
     * @throws InvalidInput If it cannot be planned.
     */
    public function standing(): BatchPlan
    {
        return $this->standing ??= $this->planned($this->request);
    }

    /**
     * @return array<string, mixed> plan request that differs in just this
     *
     * @throws InvalidInput If the bread cannot be planned, or the level cannot be had.
     */
    public function request(Setting $setting): array
    {
        return MergePatch::applied($this->request, $setting->patch() ?? $setting->patchOfLine($this->standing(), $this->bags));
    }

    /** @throws InvalidInput If the level cannot be had, or cannot be planned. */
    public function plan(Setting $setting): BatchPlan
    {
        return $this->planned($this->request($setting));
    }

    /** @param array<string, mixed> $request */
    private function planned(array $request): BatchPlan
    {
        return $this->planner->plan(PlanRequest::read($request, $this->reference));
    }
}
