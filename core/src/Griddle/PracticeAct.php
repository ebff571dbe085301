<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;

/** What a cook can do at the practice griddle. */
enum PracticeAct: string
{
    case Turn = 'turn';
    case Press = 'press';
    case Cover = 'cover';
    case Uncover = 'uncover';
    case Knob = 'knob';
    case Lift = 'lift';

    public function touch(): ?TurnAction
    {
        return match ($this) {
            self::Turn => TurnAction::Turn,
            self::Press => TurnAction::Press,
            self::Lift => TurnAction::Lift,
            self::Cover, self::Uncover, self::Knob => null,
        };
    }
}
