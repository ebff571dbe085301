<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

/**
 * A plan document as an earlier version stored it, brought up to date. What it says stays as it was, since a batch was made by
 * it; what that version did not say yet is filled in from what the same request gives today.
 */
final class UpToDate
{
    /**
     * @param array<string, mixed> $stored
     * @param array<string, mixed> $today what the same request gives now
     * @return array<string, mixed>
     */
    public static function of(array $stored, array $today): array
    {
        $merged = self::merged($stored, $today);

        return is_array($merged) ? array_combine(array_map(strval(...), array_keys($merged)), $merged) : $today;
    }

    private static function merged(mixed $stored, mixed $today): mixed
    {
        if (! is_array($today) || $today === []) {
            return $stored;
        }
        if (! is_array($stored)) {
            // A number that has since become a figure with its spread, or a part that was not told: as it is told now.
            return $stored === null ? null : $today;
        }

        return array_is_list($today) ? self::list($stored, $today) : self::map($stored, $today);
    }

    /**
     * Fields as they are now, with the values that were stored.
     *
     * @param array<mixed> $stored
     * @param non-empty-array<mixed> $today
     * @return array<mixed>
     */
    private static function map(array $stored, array $today): array
    {
        $map = [];
        foreach ($today as $field => $value) {
            $map[$field] = array_key_exists($field, $stored) ? self::merged($stored[$field], $value) : $value;
        }

        return $map;
    }

    /**
     * The entries that were stored, each with the fields that entries have now.
     *
     * @param array<mixed> $stored
     * @param non-empty-list<mixed> $today
     * @return list<mixed>
     */
    private static function list(array $stored, array $today): array
    {
        $entries = [];
        foreach (array_values($stored) as $index => $entry) {
            $entries[] = self::merged($entry, $today[$index] ?? $today[count($today) - 1]);
        }

        return $entries;
    }
}
