<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\School\ActionKind;

/** A found order of work from the scale to the last lift, in seconds from the first piece weighed. */
final readonly class Cooking
{
    /** @param list<Action> $actions by start */
    public function __construct(public array $actions, public float $seconds)
    {
    }

    /** How many shaped pieces wait at the same time, at most. */
    public function mostShapedAhead(): int
    {
        $steps = [];
        foreach ($this->actions as $action) {
            if ($action->kind === ActionKind::Shape) {
                $shaped[$action->piece] = $action->untilSeconds;
            } elseif ($action->kind === ActionKind::Lay && isset($shaped[$action->piece])) {
                $steps[] = [$shaped[$action->piece], 1];
                $steps[] = [$action->atSeconds, -1];
            }
        }
        // A piece that is laid at the moment the next is shaped makes room first.
        usort($steps, static fn (array $a, array $b): int => $a <=> $b);
        $most = $waiting = 0;
        foreach ($steps as [, $step]) {
            $waiting += $step;
            $most = max($most, $waiting);
        }

        return $most;
    }

    /** @return float seconds for which a pair of hands is taken */
    public function busy(int $pair): float
    {
        $busy = 0.0;
        foreach ($this->actions as $action) {
            $busy += $action->hands === $pair ? $action->untilSeconds - $action->atSeconds : 0.0;
        }

        return $busy;
    }

    /** When the last piece is laid: how long the dough must keep. */
    public function lastLay(): float
    {
        $last = 0.0;
        foreach ($this->actions as $action) {
            $last = $action->kind === ActionKind::Lay ? max($last, $action->atSeconds) : $last;
        }

        return $last;
    }
}
