<?php

declare(strict_types=1);

namespace StoneMill\Line;

use DateInterval;
use DateTimeImmutable;

/** Moments of the day, in the offset in which the cook gave them, and how long a bread lies. */
final class Clock
{
    /** Minutes and seconds, as a timer shows them. */
    public static function minutes(float $seconds): string
    {
        return sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60);
    }

    public static function later(DateTimeImmutable $from, int $seconds): DateTimeImmutable
    {
        $by = new DateInterval(sprintf('PT%dS', abs($seconds)));

        return $seconds < 0 ? $from->sub($by) : $from->add($by);
    }
}
