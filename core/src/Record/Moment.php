<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use DateTimeZone;

/** Moments of the log: always UTC, to the millisecond. */
final class Moment
{
    public static function later(DateTimeImmutable $from, float $seconds): DateTimeImmutable
    {
        return $from->modify(sprintf('%+d microseconds', (int) round($seconds * 1e6)));
    }

    /** Seconds from one moment to another; below 0 where the second comes first. */
    public static function between(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) + ((int) $to->format('u') - (int) $from->format('u')) / 1e6;
    }

    public static function format(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    }
}
