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
        $missed = [];
        foreach ($goals as $index => ['action' => $action, 'goal' => $goal]) {
            $wait = new Wait($work, $goal, $end, $laying->aim->mostBrownness());
            $done = self::mustBeDone($laying, $index - count($goals)) ? $laying->aim->doneCelsius : null;
            $touches[] = $wait->touch($action, $done);
            $missed = [...$missed, ...$wait->missed()];
            $work->touch($action);
        }
        $liftedAt = $work->bake->secondsOn();
        $centre = $work->bake->centreCelsius();
        $recover = PlannedBake::recovery($work);
        $missed = [...$missed, ...$this->finish($work, $laying)];

        return new PlannedBake($laying, $work, $touches, $liftedAt, $centre, $recover, $missed);
    }

    /** A thin bread is hot through before its last turn, a thick one when it is lifted, unless the oven sees to it. */
    private static function mustBeDone(Laying $laying, int $fromEnd): bool
    {
        return match (true) {
            $laying->thicknessMillimetres() < Aim::THICK_MILLIMETRES => $fromEnd >= -2,
            $laying->school === TurnSchool::BrownThenOven => false,
            default => $fromEnd === -1,
        };
    }

    /** @return list<Missed> */
    private function finish(Griddling $work, Laying $laying): array
    {
        $bake = $work->bake;
        switch ($laying->school) {
            case TurnSchool::FlameFinish:
                $work->flame(self::FLAME_SECONDS);

                return [];
            case TurnSchool::BroilerThenOven:
                $work->bringUnderBroiler();
                $work->until(Sign::TopBrowned, $laying->aim->brownness(), $bake->secondsOn() + self::BROILER_SECONDS);
                break;
            case TurnSchool::BrownThenOven:
                break;
            default:
                return [];
        }
        $bake->bringUnder(Above::Oven);
        $end = $bake->secondsOn() + self::OVEN_SECONDS;

        return array_values(array_filter([
            $work->until(Sign::Done, $laying->aim->doneCelsius, $end) ? null : new Missed(Sign::Done, $laying->aim->doneCelsius, $bake->centreCelsius()),
            $work->until(Sign::Lost, $laying->aim->lossShare, $end) ? null : new Missed(Sign::Lost, $laying->aim->lossShare, $bake->lossShare()),
        ]));
    }
}
