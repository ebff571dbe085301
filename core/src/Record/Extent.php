<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How much of a fault there was. */
enum Extent: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';

    /** Steps from much of it to none. */
    public function stepsDown(): int
    {
        return match ($this) {
            self::Much => 0,
            self::Some => 1,
            self::None => 2,
        };
    }
}
