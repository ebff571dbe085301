<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;

/** Waiting for one touch: the bread lies until its goal, and a copy of it lies on to see until when it would still be good. */
final class Wait
{
    /** A window is never narrower than a hand can meet, on each side, in seconds. */
    private const LEAST_REACH = 1.0;

    /** Between two touches of one bread hands see to it, put the tool down, and see to others. */
    public const LEAST_SECONDS = 10.0;

    public function __construct(
        private readonly Griddling $work,
        private readonly TouchGoal $goal,
        private readonly float $endSeconds,
        private readonly float $mostBrownness,
        private readonly float $leastSeconds = self::LEAST_SECONDS,
    ) {
    }

    /** @param float|null $doneCelsius that the middle must have first */
    public function touch(TurnAction $action, ?float $doneCelsius): TurnWindow
    {
        $touch = $this->touchInTime($action, $doneCelsius);

        return new TurnWindow($action, $touch->atSeconds, $touch->fromSeconds, max($touch->toSeconds, $this->lastGoodSecond()));
    }

    /** The same without looking how long it would still have been good: its window ends as soon as a hand can meet it. */
    public function touchInTime(TurnAction $action, ?float $doneCelsius): TurnWindow
    {
        $bake = $this->work->bake;
        $began = $bake->secondsOn();
        $this->work->lie($this->leastSeconds);
        $this->work->until($this->goal->ripeness, $this->goal->early, $this->endSeconds, $this->mostBrownness);
        $from = $bake->secondsOn();
        $this->work->until($this->goal->ripeness, $this->goal->at, $this->endSeconds, $this->mostBrownness);
        if ($doneCelsius !== null) {
            $this->work->until(Sign::Done, $doneCelsius, $this->endSeconds, $this->mostBrownness);
        }
        $at = $bake->secondsOn();

        return new TurnWindow($action, $at, max($began, min($from, $at - self::LEAST_REACH)), $at + self::LEAST_REACH);
    }

    /** Where the face that should set has not, after all the time that a cook would wait. */
    public function unset(): ?Missed
    {
        $ripeness = $this->goal->ripeness;
        $set = Sign::Set->valueOf($this->work->bake);

        return $ripeness->sign === Sign::Set && $ripeness->colourWeight < 0.5 && $set < $this->goal->early ? Missed::setting($set) : null;
    }

    private function lastGoodSecond(): float
    {
        $left = clone $this->work;
        $left->until($this->goal->ripeness, $this->goal->late, $this->endSeconds, 1.2 * $this->mostBrownness);

        return $left->bake->secondsOn();
    }
}
