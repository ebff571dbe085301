<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What is done to a bread on the griddle between laying and lifting. A press is a turn that is then pressed for the puff; pressed down, it stays on the face it lies on. */
enum TurnAction: string
{
    case Turn = 'turn';
    case Press = 'press';
    case PressDown = 'press_down';
    /** A wet brush or hand over the open face. */
    case Wet = 'wet';
    /** Fat brushed on the open face. */
    case Brush = 'brush';
    case Lift = 'lift';

    /** Whether the other face comes to lie below. */
    public function turnsOver(): bool
    {
        return $this === self::Turn || $this === self::Press;
    }
}
