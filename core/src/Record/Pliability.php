<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How a bread bends once it has rested in the stack. */
enum Pliability: string
{
    case Shatters = 'shatters';
    case CracksWhenFolded = 'cracks_when_folded';
    case Folds = 'folds';
    case Wraps = 'wraps';
    case Limp = 'limp';

    /** Steps from what cannot be bent to what wraps; limp is as far from it as what cracks. */
    public function steps(): int
    {
        return match ($this) {
            self::Shatters => 0,
            self::CracksWhenFolded, self::Limp => 1,
            self::Folds => 2,
            self::Wraps => 3,
        };
    }
}
