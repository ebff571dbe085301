<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateInterval;
use DateTimeImmutable;

/** Moments of the day, in the offset in which the cook gave them. */
final class Clock
{
    public static function later(DateTimeImmutable $from, int $seconds): DateTimeImmutable
    {
        $by = new DateInterval(sprintf('PT%dS', abs($seconds)));

        return $seconds < 0 ? $from->sub($by) : $from->add($by);
    }
}
