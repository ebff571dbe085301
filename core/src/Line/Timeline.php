<?php

declare(strict_types=1);

namespace StoneMill\Line;

/** The whole batch in order: seconds from its start. */
final readonly class Timeline
{
    /** @param list<Action> $actions by start */
    public function __construct(public array $actions, public float $readySeconds)
    {
    }

    /** @return array<string, float> seconds at which each stage begins, by stage */
    public function stageStarts(): array
    {
        $starts = [];
        foreach ($this->actions as $action) {
            $starts[$action->stage] = min($starts[$action->stage] ?? INF, $action->atSeconds);
        }

        return $starts;
    }
}
