<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\Stage;

/** What is waited for while hands are free or at other work. */
enum ClockKind: string
{
    /** A step on the way into the dough, of which there are several: it says its own name. */
    case Step = 'step';
    case Knead = 'knead';
    case Stir = 'stir';
    case HandWarm = 'hand_warm';
    case Rest = 'rest';
    case Rise = 'rise';
    case SecondRest = 'second_rest';
    case Preheat = 'preheat';
    case Oven = 'oven';
    case Broiler = 'broiler';
    case Stack = 'stack';

    /** The entry that it runs from; null where no entry begins it. */
    public function startedBy(): ?EventKind
    {
        return match ($this) {
            self::Step => EventKind::StepBegun,
            self::Knead, self::Stir => EventKind::KneadStarted,
            self::HandWarm => EventKind::Poured,
            self::Rest, self::Rise => EventKind::RestStarted,
            self::SecondRest => EventKind::SecondRestStarted,
            self::Preheat => null,
            self::Oven, self::Broiler => EventKind::OvenIn,
            self::Stack => EventKind::Stacked,
        };
    }

    /** Where the cook goes once it is over. */
    public function stage(): Stage
    {
        return match ($this) {
            self::Step => Stage::Measure,
            self::Knead, self::Stir, self::HandWarm => Stage::Mix,
            self::Rest, self::Rise => Stage::Rest,
            self::SecondRest => Stage::Portion,
            self::Preheat, self::Oven, self::Broiler => Stage::Griddle,
            self::Stack => Stage::Stack,
        };
    }

    public function name(): string
    {
        return match ($this) {
            self::Step => 'Step',
            self::Knead => 'Knead',
            self::Stir => 'Stir',
            self::HandWarm => 'Hand-warm',
            self::Rest => 'Rest',
            self::Rise => 'Rise',
            self::SecondRest => 'Pieces rest',
            self::Preheat => 'Griddle on',
            self::Oven => 'Oven',
            self::Broiler => 'Broiler',
            self::Stack => 'Stack',
        };
    }

    /** What is said aloud when it is over. */
    public function over(): string
    {
        return match ($this) {
            self::Step => 'Look whether it is done',
            self::Knead => 'Kneaded long enough: feel it',
            self::Stir => 'Stirred long enough: look at it',
            self::HandWarm => 'Hand-warm: hands can go in',
            self::Rest => 'The rest is over',
            self::Rise => 'Look whether it has risen',
            self::SecondRest => 'The pieces have rested',
            self::Preheat => 'Turn the griddle on',
            self::Oven => 'Out of the oven',
            self::Broiler => 'Out from under the broiler',
            self::Stack => 'The stack is ready',
        };
    }
}
