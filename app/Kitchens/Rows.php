<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Models\Kitchen;
use Generator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The rows of a kitchen as they stand in its file.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class Rows
{
    private const LOOK = JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** @return Generator<int, Row> */
    public static function of(Kitchen $kitchen, Part $part): Generator
    {
        $columns = self::columns($part);
        $read = [
            ...array_map(static fn (string $column): string => "{$part->table()}.$column", $columns),
            ...array_map(static fn (string $name, string $from): string => "$from AS named_$name", array_keys($part->names()), $part->names()),
        ];
        foreach (DB::cursor('SELECT '.implode(', ', $read).' FROM '.$part->source(), [$kitchen->id]) as $found) {
            yield self::row((array) $found, $part);
        }
    }

    /** @return list<string> of its table that go along */
    public static function columns(Part $part): array
    {
        return array_values(array_diff(Schema::getColumnListing($part->table()), $part->left()));
    }

    /**
     * @param array<mixed> $fields
     * @return Row what JSON or a column names is named by text
     */
    public static function named(array $fields): array
    {
        return array_combine(array_map(strval(...), array_keys($fields)), $fields);
    }

    /** @param Row $row */
    public static function line(array $row): string
    {
        return json_encode((object) $row, self::LOOK);
    }

    /** @param Row $row */
    public static function key(Part $part, array $row): string
    {
        return implode(' ', array_map(static fn (string $column): string => is_scalar($row[$column] ?? null) ? (string) $row[$column] : json_encode($row[$column] ?? null, self::LOOK), $part->key()));
    }

    /**
     * JSON as it is kept: the same text from the same row, in whatever house.
     */
    public static function kept(mixed $value): string
    {
        return json_encode($value, self::LOOK);
    }

    /**
     * @param array<mixed> $found
     * @return Row names of other parts first, then its own columns in order of the alphabet
     */
    private static function row(array $found, Part $part): array
    {
        $row = [];
        $own = [];
        foreach ($found as $column => $value) {
            $column = (string) $column;
            if (str_starts_with($column, 'named_')) {
                $row[substr($column, 6)] = $value;
            } else {
                $own[$column] = is_string($value) && in_array($column, $part->json(), true) ? json_decode($value, false, 512, JSON_THROW_ON_ERROR) : $value;
            }
        }
        ksort($own);

        return [...$row, ...$own];
    }
}
