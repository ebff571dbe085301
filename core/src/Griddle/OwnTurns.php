<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Above;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\RestingIron;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\School\OvenStep;
use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;

/** The cook's own times: touched by the clock, whatever the bread says. */
final readonly class OwnTurns
{
    public const MOST_TOUCHES = 20;

    public const MOST_SECONDS = 3600.0;

    public const MOST_FINISH_SECONDS = 1800.0;

    /** A cook who names a time meets it within this share of the wait, and within a second or two. Planning estimates. */
    private const REACH = 0.1;

    private const LEAST_REACH = 2.0;

    /** Under the broiler until the rim colours; the rest of a finish is in the oven. Planning estimate. */
    private const BROILER_SECONDS = 120.0;

    /**
     * @param non-empty-list<array{action: TurnAction, seconds: float}> $touches in order, the last one a lift
     *
     * @throws OutOfRange If they are not in order.
     */
    public function __construct(private array $touches, private float $finishSeconds)
    {
        $before = 0.0;
        foreach ($touches as ['seconds' => $seconds]) {
            $before = OutOfRange::guard('seconds of a touch', $seconds, $before, self::MOST_SECONDS);
        }
    }

    /** Null where the document breaks the contract, which its findings tell. */
    public static function read(Node $node): ?self
    {
        $node->object(['touches', 'finish_seconds']);
        $touches = [];
        $before = 0.0;
        $sound = true;
        foreach ($node->at('touches')->items(1, self::MOST_TOUCHES) as $touch) {
            $touch->object(['action', 'at_seconds']);
            $action = $touch->at('action')->choice(TurnAction::class);
            $seconds = $touch->at('at_seconds')->number($before, self::MOST_SECONDS, 's, each after the one before');
            $touches[] = ['action' => $action, 'seconds' => $seconds];
            $before = max($before, $seconds);
        }
        foreach ($touches as $index => ['action' => $action]) {
            if (($action === TurnAction::Lift) !== ($index === count($touches) - 1)) {
                $node->at('touches')->refuse('The last touch, and no other, must be the lift.', 'turns and presses, then one lift');
                $sound = false;
                break;
            }
        }
        $finish = $node->at('finish_seconds')->optionalNumber(0, self::MOST_FINISH_SECONDS, 's') ?? 0.0;

        return $sound && $touches !== [] ? new self($touches, $finish) : null;
    }

    /** How often fat is brushed on. */
    public function brushes(): int
    {
        return count(array_filter($this->touches, static fn (array $touch): bool => $touch['action'] === TurnAction::Brush));
    }

    public function bake(Laying $laying, ?Mesh $mesh = null): PlannedBake
    {
        $work = Griddling::lay($laying, $mesh);
        $windows = [];
        $before = 0.0;
        foreach ($this->touches as ['action' => $action, 'seconds' => $seconds]) {
            $work->lie(max(0.0, $seconds - $work->bake->secondsOn()));
            $reach = max(self::LEAST_REACH, self::REACH * ($seconds - $before));
            $windows[] = new TurnWindow($action, $seconds, max($before, $seconds - $reach), $seconds + $reach);
            $before = $seconds;
            $work->touch($action);
        }
        $lifted = $work->bake->secondsOn();
        $centre = $work->bake->centreCelsius();
        $metal = RestingIron::after($work->bake);
        $rounds = $this->finish($work, $laying->school);

        return new PlannedBake($laying, $work, $windows, $lifted, $centre, $metal, null, $rounds);
    }

    /** @return list<FinishRound> */
    private function finish(Griddling $work, TurnSchool $school): array
    {
        if ($this->finishSeconds <= 0) {
            return [];
        }
        if ($school === TurnSchool::FlameFinish) {
            $work->flame($this->finishSeconds / 2);

            return [];
        }
        $rounds = [];
        $broiled = $school === TurnSchool::BroilerThenOven ? min(self::BROILER_SECONDS, $this->finishSeconds) : 0.0;
        if ($broiled > 0) {
            $work->bringUnderBroiler();
            $work->lie($broiled);
            $rounds[] = new FinishRound(OvenStep::Broiler, $broiled);
        }
        $school === TurnSchool::CoveredSlow ? $work->bake->bringUnder(Above::Covered) : $work->bringIntoOven();
        $work->lie($this->finishSeconds - $broiled);
        if ($this->finishSeconds > $broiled && $school !== TurnSchool::CoveredSlow) {
            $rounds[] = new FinishRound(OvenStep::Oven, $this->finishSeconds - $broiled);
        }

        return $rounds;
    }
}
