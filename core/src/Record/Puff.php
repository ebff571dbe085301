<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How far the layers parted on the griddle. */
enum Puff: string
{
    case None = 'none';
    case Patches = 'patches';
    case Full = 'full';
}
