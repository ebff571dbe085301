<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;

/** The goals of each touch in a school's order. */
final class TouchGoals
{
    /** Part of the weight loss that a flame takes over from the griddle. */
    private const BEFORE_THE_FLAME = 0.85;

    /** Water leaves late: at a share s of the time a share s^1.3 of it is gone. Fitted to the model's own runs of the styles. */
    private const LATENESS = 1.3;

    /** @return non-empty-list<array{action: TurnAction, goal: TouchGoal}> the turns and the lift */
    public static function of(Laying $laying, StylePlan $practice): array
    {
        $thickness = Aim::thickness($laying->thicknessMillimetres());
        $weight = self::colourWeight($laying, $thickness);
        // A face that comes back to the metal has by its first turn as much of its colour as of its time.
        $colour = array_map(static fn (float $share): float => $laying->aim->brownness() * $share, $practice->contactShares());
        $goals = [];
        foreach ($practice->turns as $index => ['action' => $action, 'seconds' => $seconds]) {
            $goals[] = ['action' => $action, 'goal' => $index === 0 && self::setsFirst($laying, $practice)
                ? TouchGoal::set($laying->balance, $colour[0], $thickness)
                : TouchGoal::lost(self::onMetal($laying) * ($seconds / $practice->liftSeconds) ** (self::LATENESS * $laying->balance), $colour[$index], $weight)];
        }

        // What is coloured from above only has to hold when it leaves the hob: broiler and oven do the rest.
        $last = $laying->school === TurnSchool::BroilerThenOven
            ? TouchGoal::set($laying->balance, $laying->aim->brownness(), 0.0)
            : TouchGoal::lost(self::onMetal($laying), $laying->aim->brownness(), $weight);

        return [...$goals, ['action' => TurnAction::Lift, 'goal' => $last]];
    }

    /** What is browned first is done on the hob once it has its colour below. A thick bread is told by its colour, a thin one by both. */
    private static function colourWeight(Laying $laying, float $thickness): float
    {
        $thin = $laying->aim->colourWeight();

        return $laying->school === TurnSchool::BrownThenOven ? 1.0 : $thin + (1 - $thin) * $thickness;
    }

    private static function setsFirst(Laying $laying, StylePlan $practice): bool
    {
        return count($practice->turns) > 1 && $laying->school !== TurnSchool::Continuous;
    }

    private static function onMetal(Laying $laying): float
    {
        return $laying->aim->lossShare * ($laying->school === TurnSchool::FlameFinish ? self::BEFORE_THE_FLAME : 1.0);
    }
}
