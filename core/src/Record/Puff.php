<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How far the layers parted on the griddle. */
enum Puff: string
{
    case None = 'none';
    case Patches = 'patches';
    case Full = 'full';

    public function steps(): int
    {
        return match ($this) {
            self::None => 0,
            self::Patches => 1,
            self::Full => 2,
        };
    }
}
