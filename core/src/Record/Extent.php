<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How much of a fault there was. */
enum Extent: string
{
    case None = 'none';
    case Some = 'some';
    case Much = 'much';

    public function isFault(): bool
    {
        return $this !== self::None;
    }

    /** The worse of two; null where one was not told. */
    public static function worse(?self $one, ?self $other): ?self
    {
        return $one === null || $other === null ? null : ($one->stepsDown() <= $other->stepsDown() ? $one : $other);
    }

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
