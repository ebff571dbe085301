<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;

/** The goals of each touch in a school's order, and of its finish. */
final class TouchGoals
{
    /** Part of the weight loss that a flame takes over from the griddle. */
    private const BEFORE_THE_FLAME = 0.85;

    /** Thicker breads are turned by the colour of the face below, not when it has set. */
    private const SET_UP_TO_MILLIMETRES = 8.0;

    /** Water leaves late: at a share s of the time a share s^1.3 of it is gone. Fitted to the model's own runs of the styles. */
    private const LATENESS = 1.3;

    /** @return non-empty-list<array{action: TurnAction, goal: TouchGoal}> the turns and the lift */
    public static function of(Laying $laying, StylePlan $practice): array
    {
        $aim = $laying->aim;
        $goals = [];
        foreach ($practice->turns as $index => ['action' => $action, 'seconds' => $seconds]) {
            $goals[] = ['action' => $action, 'goal' => match (true) {
                self::turnsByColour($laying) => TouchGoal::browned($aim->brownness()),
                $index === 0 && self::setsFirst($laying, $practice) => TouchGoal::set($laying->balance),
                default => TouchGoal::lost(self::onMetal($laying) * ($seconds / $practice->liftSeconds) ** (self::LATENESS * $laying->balance)),
            }];
        }
        $last = self::turnsByColour($laying) || $practice->turns === [] && $laying->school === TurnSchool::BroilerThenOven
            ? TouchGoal::browned($aim->brownness())
            : TouchGoal::lost(self::onMetal($laying));

        return [...$goals, ['action' => TurnAction::Lift, 'goal' => $last]];
    }

    private static function turnsByColour(Laying $laying): bool
    {
        return $laying->school === TurnSchool::BrownThenOven || $laying->thicknessMillimetres() >= Aim::THICK_MILLIMETRES;
    }

    private static function setsFirst(Laying $laying, StylePlan $practice): bool
    {
        return count($practice->turns) > 1 && $laying->school !== TurnSchool::Continuous && $laying->thicknessMillimetres() <= self::SET_UP_TO_MILLIMETRES;
    }

    private static function onMetal(Laying $laying): float
    {
        return $laying->aim->lossShare * ($laying->school === TurnSchool::FlameFinish ? self::BEFORE_THE_FLAME : 1.0);
    }
}
