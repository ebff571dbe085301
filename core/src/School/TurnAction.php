<?php

declare(strict_types=1);

namespace StoneMill\School;

/** What is done to a bread on the griddle between laying and lifting. A press is a turn that is then pressed for the puff. */
enum TurnAction: string
{
    case Turn = 'turn';
    case Press = 'press';
    case Lift = 'lift';
}
