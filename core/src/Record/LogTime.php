<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use DateTimeZone;
use StoneMill\Exchange\Row;

/** Moments of the log: always UTC, to the millisecond. */
final class LogTime
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

    public static function toMilliseconds(DateTimeImmutable $moment): int
    {
        return 1000 * $moment->getTimestamp() + intdiv((int) $moment->format('u'), 1000);
    }

    /** @param int $milliseconds of the epoch */
    public static function ofMilliseconds(int $milliseconds): DateTimeImmutable
    {
        // Before the epoch the rest is negative; the log knows no such moment, but nothing here should depend on that.
        $rest = ($milliseconds % 1000 + 1000) % 1000;

        return new DateTimeImmutable(sprintf('@%d.%03d', intdiv($milliseconds - $rest, 1000), $rest));
    }

    /** As a row keeps it, in milliseconds of the epoch; null where it does not. */
    public static function inRow(Row $row, string $field): ?DateTimeImmutable
    {
        $milliseconds = $row->optionalWhole($field);

        return $milliseconds === null ? null : self::ofMilliseconds($milliseconds);
    }

    public static function format(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    }
}
