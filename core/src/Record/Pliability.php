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
}
