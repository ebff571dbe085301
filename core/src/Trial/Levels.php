<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** A bread at one level of a trial. */
final readonly class Levels
{
    /** @param array<string, LevelBag> $bags of the kitchen, with something in them, by their identifiers */
    public function __construct(private Reference $reference, private Planner $planner, private array $bags)
    {
    }

    /**
     * @param array<string, mixed> $request plan request of the bread as it stands
     * @return array<string, mixed> that differs in just this
     *
     * @throws InvalidInput If the bread cannot be planned, or the level cannot be had.
     */
    public function request(array $request, Setting $setting): array
    {
        $patch = $setting->patch() ?? $setting->patchOfLine($this->planner->plan(PlanRequest::read($request, $this->reference)), $this->bags);

        return MergePatch::applied($request, $patch);
    }
}
