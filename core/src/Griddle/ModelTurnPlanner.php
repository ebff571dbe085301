<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Above;
use StoneMill\Bake\Mesh;
use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\School\TurnSchool;

/**
 * Turn times from the model of heat and water: the bread lies until the sign comes by which the school turns, and each window
 * is the time between the sign's first good value and its last. The style says only how many touches there are and which part of
 * the way each comes at.
 */
final readonly class ModelTurnPlanner implements TurnPlanner
{
    /** No touch is waited for longer than this many times what practice takes at the reference, nor all together longer than the second. */
    private const PATIENCE = 4.0;

    private const MOST_SECONDS = 2400.0;

    private const OVEN_SECONDS = 1500.0;

    private const BROILER_SECONDS = 240.0;

    private const FLAME_SECONDS = 5.0;

    /** Of three lies the second is clearly the longest: by so much over the first at least. */
    private const THREE_LIES = 3;

    private const SECOND_LONGER = 1.2;

    /** Counted from the end: before the lift comes the last turn. */
    private const LAST_TURN = -2;

    public function __construct(private ?Mesh $mesh = null)
    {
    }

    /** @throws UnplannedSchool If the style is not turned that way. */
    public function plan(Laying $laying): TurnPlan
    {
        return $this->bake($laying)->plan();
    }

    /** @throws UnplannedSchool If the style is not turned that way. */
    public function bake(Laying $laying): PlannedBake
    {
        $practice = $laying->practice();
        $work = Griddling::lay($laying, $this->mesh);
        $end = min(self::MOST_SECONDS, self::PATIENCE * $practice->liftSeconds * max(1.0, $laying->thicknessMillimetres() / $practice->referenceMillimetres) ** 1.5);
        $goals = TouchGoals::of($laying, $practice);
        $touches = [];
        $unset = null;
        foreach ($goals as $index => ['action' => $action, 'goal' => $goal]) {
            $wait = new Wait($work, $goal, $end, $laying->aim->mostBrownness(), self::leastSeconds($touches, count($goals)));
            $touches[] = $wait->touch($action, self::middleBefore($laying, $index - count($goals)));
            $unset ??= $wait->unset();
            $work->touch($action);
        }
        $liftedAt = $work->bake->secondsOn();
        $centre = $work->bake->centreCelsius();
        $recover = PlannedBake::recovery($work);
        $this->finish($work, $laying);

        return new PlannedBake($laying, $work, $touches, $liftedAt, $centre, $recover, $unset);
    }

    /** @param list<TurnWindow> $touches so far */
    private static function leastSeconds(array $touches, int $count): float
    {
        return $count === self::THREE_LIES && count($touches) === 1 ? max(Wait::LEAST_SECONDS, self::SECOND_LONGER * $touches[0]->atSeconds) : Wait::LEAST_SECONDS;
    }

    /** A thin bread is hot through before its last turn, a thick one when it is lifted, unless the oven sees to it. Between, the last turn asks for a part of the way. */
    private static function middleBefore(Laying $laying, int $fromEnd): ?float
    {
        $done = $laying->aim->doneCelsius;
        $thickness = Aim::thickness($laying->thicknessMillimetres());

        return match (true) {
            $laying->school->finishesInTheOven() || $fromEnd < self::LAST_TURN => null,
            $fromEnd === self::LAST_TURN => $done - $thickness * ($done - $laying->bread->celsius),
            default => $done,
        };
    }

    private function finish(Griddling $work, Laying $laying): void
    {
        $bake = $work->bake;
        switch ($laying->school) {
            case TurnSchool::FlameFinish:
                $work->flame(self::FLAME_SECONDS);

                return;
            case TurnSchool::BroilerThenOven:
                $work->bringUnderBroiler();
                $work->until(Sign::TopBrowned, $laying->aim->brownness(), $bake->secondsOn() + self::BROILER_SECONDS);
                break;
            case TurnSchool::BrownThenOven:
                break;
            default:
                return;
        }
        $bake->bringUnder(Above::Oven);
        $end = $bake->secondsOn() + self::OVEN_SECONDS;
        $work->until(Sign::Done, $laying->aim->doneCelsius, $end);
        $work->until(Sign::Lost, $laying->aim->lossShare, $end);
    }
}
