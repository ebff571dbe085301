<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

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
}
