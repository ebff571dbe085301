<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

/** A bread at the levels of a trial. */
final class Levels
{
    private ?BatchPlan $standing = null;

    /**
     * @param GivenRequest $request of the bread as it stands
     * @param array<string, LevelBag> $bags of the kitchen, with something in them, by their identifiers
     */
    public function __construct(private readonly Reference $reference, private readonly Planner $planner, private readonly GivenRequest $request, private readonly array $bags)
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
     * The request that differs in just this.
     *
     * @throws InvalidInput If the bread cannot be planned, or the level cannot be had.
     */
    public function request(Setting $setting): GivenRequest
    {
        return $this->request->with($setting->change() ?? $setting->changeOfLine($this->standing(), $this->bags));
    }

    /** @throws InvalidInput If the level cannot be had, or cannot be planned. */
    public function plan(Setting $setting): BatchPlan
    {
        return $this->planned($this->request($setting));
    }

    private function planned(GivenRequest $request): BatchPlan
    {
        return $this->planner->plan($request->read($this->reference));
    }
}
