<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use DateTimeImmutable;
use DateTimeZone;

/** Days as people write them in a sheet. */
final class Days
{
    /** The hour that a day without one is taken at. */
    private const NOON = 12;

    /** @return string|null YYYY-MM-DD */
    public static function day(string $said, Doubts $doubts): ?string
    {
        if ($said === '') {
            return null;
        }
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})/', $said, $iso) === 1) {
            [$year, $month, $day] = [(int) $iso[1], (int) $iso[2], (int) $iso[3]];
        } elseif (preg_match('~^(\d{1,2})[./\-](\d{1,2})[./\-](\d{4})$~', $said, $parts) === 1) {
            [$day, $month, $year] = [(int) $parts[1], (int) $parts[2], (int) $parts[3]];
            if ($month > 12) {
                [$day, $month] = [$month, $day];
            } elseif ($day <= 12 && $day !== $month && ! str_contains($said, '.')) {
                // With points between, everybody writes the day first.
                $doubts->say(sprintf('%s was read with the day first.', $said));
            }
        } else {
            $date = preg_match('/\d{4}/', $said) === 1 ? DateTimeImmutable::createFromFormat('!j M Y', trim((string) preg_replace('/[.,]/', '', $said))) : false;
            [$year, $month, $day] = $date === false ? [0, 0, 0] : [(int) $date->format('Y'), (int) $date->format('n'), (int) $date->format('j')];
        }
        if (! checkdate(max(0, $month), max(0, $day), max(1, $year))) {
            $doubts->say(sprintf('“%s” is no day.', $said));

            return null;
        }

        return sprintf('%04d-%02d-%02d', $year, $month, $day);
    }

    /** A day, with or without its hour and minute; without, the middle of it. */
    public static function moment(string $said, DateTimeZone $zone, Doubts $doubts): ?DateTimeImmutable
    {
        $hour = preg_match('/[T ,]\s*(\d{1,2})[:.h](\d{2})(?::(\d{2}))?(?:\.\d+)?\s*([ap]m)?\s*(Z|[+\-]\d{2}:?\d{2})?$/i', $said, $time) === 1 ? self::hour((int) $time[1], strtolower($time[4] ?? '')) : null;
        $day = self::day($hour === null ? $said : trim(substr($said, 0, -strlen($time[0]))), $doubts);
        if ($day === null) {
            return null;
        }
        if ($hour === null || $hour > 23 || (int) $time[2] > 59 || (int) ($time[3] ?? 0) > 59) {
            return new DateTimeImmutable(sprintf('%s %02d:00:00', $day, self::NOON), $zone);
        }

        return new DateTimeImmutable(sprintf('%s %02d:%02d:%02d', $day, $hour, (int) $time[2], (int) ($time[3] ?? 0)), ($time[5] ?? '') === '' ? $zone : new DateTimeZone(strtoupper($time[5]) === 'Z' ? 'UTC' : $time[5]));
    }

    /** The zone that times of a column are in: as its head says, or else the cook's own. */
    public static function zone(string $head, DateTimeZone $own): DateTimeZone
    {
        return preg_match('/\butc\b/i', $head) === 1 ? new DateTimeZone('UTC') : $own;
    }

    private static function hour(int $said, string $half): int
    {
        return match ($half) {
            'am' => $said % 12,
            'pm' => $said % 12 + 12,
            default => $said,
        };
    }
}
