<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\School\Shaping;

/** What a kitchen may lack, or a cook may want to do without. */
enum Obstacle
{
    private const SCALDING_CELSIUS = 60.0;

    case Press;
    case Oven;
    case Boiling;

    /** Whether this plan cannot do without it. */
    public function standsIn(BatchPlan $plan): bool
    {
        return match ($this) {
            self::Press => $plan->request->method->shape === Shaping::LeverPress,
            self::Oven => $plan->turns->finish->isInTheOven(),
            self::Boiling => $plan->dough->waterCelsius >= self::SCALDING_CELSIUS || $plan->request->potShare() > 0,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Press => 'a lever press',
            self::Oven => 'an oven or broiler',
            self::Boiling => 'scalding water',
        };
    }
}
