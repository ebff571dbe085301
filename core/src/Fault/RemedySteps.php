<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Griddle\Aim;
use StoneMill\Griddle\SurfaceRange;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\LearnedKind;
use StoneMill\Plan\Limits;

/** How far one remedy of thickness, heat or time goes, now or in the next batch: a clear step, small enough to be taken back. Planning estimates. */
final readonly class RemedySteps
{
    private const THICKNESS_SHARE = 0.15;

    private const HEAT_KELVIN = 15.0;

    private const LOSS_POINTS = 2.0;

    private const BALANCE_TIMES = 1.15;

    public function __construct(private BatchPlan $plan)
    {
    }

    /** Of the metal, a step up or down, within what a griddle can be planned for. */
    public function surfaceCelsius(bool $isUp): float
    {
        return round(max(SurfaceRange::LEAST_CELSIUS, min(SurfaceRange::MOST_CELSIUS, $this->plan->turns->surfaceCelsius->value + ($isUp ? 1 : -1) * self::HEAT_KELVIN)));
    }

    public function weightLossPercent(bool $isMore): float
    {
        return round(max(Aim::LEAST_LOSS_PERCENT, min(Aim::MOST_LOSS_PERCENT, $this->plan->turns->weightLossPercent->value + ($isMore ? 1 : -1) * self::LOSS_POINTS)), 1);
    }

    /** A smaller balance turns later. */
    public function balance(bool $isSooner): float
    {
        $times = $isSooner ? self::BALANCE_TIMES : 1 / self::BALANCE_TIMES;

        return round(max(Limits::LEAST_BALANCE, min(Limits::MOST_BALANCE, $times * $this->plan->request->griddle->balance)), 3);
    }

    /** As the disc would come out, not yet held to the limits of a wish. */
    public function thicknessMillimetres(bool $isThicker): float
    {
        return $this->plan->disc->thicknessMillimetres * ($isThicker ? 1 + self::THICKNESS_SHARE : 1 - self::THICKNESS_SHARE);
    }

    /** What to ask the plan for so that these hands come out at a thickness. */
    public function askedMillimetres(float $wantedMillimetres): float
    {
        return round($wantedMillimetres / ($this->plan->request->experience->of(LearnedKind::Thickness)->value ?? 1.0), 2);
    }
}
