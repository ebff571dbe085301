<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Mesh;
use StoneMill\Bake\RestingIron;
use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\School\OvenStep;
use StoneMill\School\TurnAction;
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

    private const BROILER_SECONDS = 600.0;

    /** Less than this in the oven is the heat of the pan. */
    private const LEAST_ROUND_SECONDS = 1.0;

    /** From the pour to the closed door. */
    private const INTO_THE_OVEN_SECONDS = 10.0;

    private const INTO_THE_OVEN_LATEST_SECONDS = 30.0;

    private const FLAME_SECONDS = 5.0;

    /** Of three lies the second is clearly the longest: by so much over the first at least. */
    private const THREE_LIES = 3;

    private const SECOND_LONGER = 1.2;

    /** Counted from the end: before the lift comes the last turn. */
    private const LAST_TURN = -2;

    public function __construct(private ?Mesh $mesh = null, private Windows $windows = Windows::Looked)
    {
    }

    /** @throws UnplannedSchool If the style is not turned that way. */
    public function plan(Laying $laying): TurnPlan
    {
        return $this->bake($laying->stride === null ? $this->settled($laying) : $laying)->plan();
    }

    public function settled(Laying $laying): Laying
    {
        return SteadyCycle::settled($laying);
    }

    /** @throws UnplannedSchool If the style is not turned that way. */
    public function bake(Laying $laying): PlannedBake
    {
        $practice = $laying->practice();
        $work = Griddling::lay($laying, $this->mesh);
        $end = min(self::MOST_SECONDS, self::PATIENCE * $practice->liftSeconds * max(1.0, $laying->thicknessMillimetres() / $practice->referenceMillimetres) ** 1.5);
        $goals = $laying->skipsTheHob() ? [] : TouchGoals::of($laying, $practice);
        $touches = [];
        $unset = null;
        foreach ($goals as $index => ['action' => $action, 'goal' => $goal]) {
            $wait = new Wait($work, $goal, $end, $laying->aim->mostBrownness(), self::leastSeconds($touches, count($goals)));
            $middle = self::middleBefore($laying, $index - count($goals));
            $touches[] = match ($this->windows) {
                Windows::Looked => $wait->touch($action, $middle),
                Windows::Least => $wait->touchInTime($action, $middle),
            };
            $unset ??= $wait->unset();
            $work->touch($action);
        }
        if ($touches === []) {
            $work->lie(self::INTO_THE_OVEN_SECONDS);
            $touches = [new TurnWindow(TurnAction::Lift, self::INTO_THE_OVEN_SECONDS, 0.0, self::INTO_THE_OVEN_LATEST_SECONDS)];
        }
        $liftedAt = $work->bake->secondsOn();
        $centre = $work->bake->centreCelsius();
        $metal = RestingIron::after($work->bake);
        $rounds = $this->finish($work, $laying);

        return new PlannedBake($laying, $work, $touches, $liftedAt, $centre, $metal, $unset, $rounds);
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

    /** @return list<FinishRound> */
    private function finish(Griddling $work, Laying $laying): array
    {
        $bake = $work->bake;
        $rounds = [];
        switch ($laying->school) {
            case TurnSchool::FlameFinish:
                $work->flame(self::FLAME_SECONDS);

                return [];
            case TurnSchool::BroilerThenOven:
                $from = $bake->secondsOn();
                $work->bringUnderBroiler();
                $work->until(Sign::TopBrowned, $laying->aim->brownness(), $from + self::BROILER_SECONDS);
                $rounds[] = new FinishRound(OvenStep::Broiler, $bake->secondsOn() - $from);
                break;
            case TurnSchool::BrownThenOven:
                break;
            default:
                return [];
        }
        $from = $bake->secondsOn();
        $work->bringIntoOven();
        $work->until(Sign::Done, $laying->aim->doneCelsius, $from + self::OVEN_SECONDS);
        $work->until(Sign::Lost, $laying->aim->lossShare, $from + self::OVEN_SECONDS);
        if ($bake->secondsOn() - $from >= self::LEAST_ROUND_SECONDS) {
            $rounds[] = new FinishRound(OvenStep::Oven, $bake->secondsOn() - $from);
        }
        $topped = $laying->finish->toppedSeconds($laying->kitchen->ovenCelsius, $laying->kitchen->roomCelsius);
        if ($topped > 0) {
            $work->lie($topped);
            $rounds[] = new FinishRound(OvenStep::Topped, $topped);
        }

        return $rounds;
    }
}
