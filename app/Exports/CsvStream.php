<?php

declare(strict_types=1);

namespace App\Exports;

/**
 * Rows as RFC 4180 has them: commas, quotes doubled, lines ended by CR LF, UTF-8. What a spreadsheet would run as a formula is written so
 * that it is read as words: with an apostrophe before it.
 */
final readonly class CsvStream
{
    /** What begins a formula in one spreadsheet or another; a tab or a carriage return can hide one. */
    private const RUNS = ['=', '+', '-', '@', "\t", "\r"];

    /** @param resource $stream */
    public function __construct(private mixed $stream)
    {
    }

    /** @param list<string|int|float|bool|null> $row */
    public function write(array $row): void
    {
        if (fputcsv($this->stream, array_map(self::cell(...), $row), ',', '"', '', "\r\n") === false) {
            throw new \RuntimeException('A row could not be written.');
        }
    }

    /** A number stays a number, also below nothing: only words can be a formula. */
    private static function cell(string|int|float|bool|null $value): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => in_array($value[0] ?? '', self::RUNS, true) ? "'$value" : $value,
            default => (string) $value,
        };
    }
}
