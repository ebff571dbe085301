<?php

declare(strict_types=1);

namespace StoneMill\School;

/** When and how often the bread is turned, and how it is finished. */
enum TurnSchool: string
{
    case TwoTurns = 'two_turns';
    case ThreeWithPress = 'three_with_press';
    case Continuous = 'continuous';
    case CoveredSlow = 'covered_slow';
    case BrownThenOven = 'brown_then_oven';
    case FlameFinish = 'flame_finish';
    case BroilerThenOven = 'broiler_then_oven';

    /** Whether the griddle only colours it, and the oven cooks it through. */
    public function finishesInTheOven(): bool
    {
        return $this === self::BrownThenOven || $this === self::BroilerThenOven;
    }

    /** What the bread meets besides the griddle. */
    public function finish(): Finish
    {
        return match ($this) {
            self::TwoTurns, self::ThreeWithPress, self::Continuous => Finish::None,
            self::CoveredSlow => Finish::Covered,
            self::BrownThenOven => Finish::Oven,
            self::FlameFinish => Finish::Flame,
            self::BroilerThenOven => Finish::BroilerThenOven,
        };
    }
}
