<?php

declare(strict_types=1);

namespace StoneMill\Ask;

use StoneMill\Exchange\Exception\InvalidInput;

/** Anyone's measurements as a table: a line each, the level, the value and, where it was half of a dough, which; with or without a head. */
final class TrialTable
{
    /**
     * @return array<string, mixed> the document of the question
     *
     * @throws InvalidInput If a line is not a level and a number; the message names the line.
     */
    public static function document(string $table): array
    {
        $points = [];
        foreach (preg_split('/\r\n|\r|\n/', ltrim($table, "\u{FEFF}")) ?: [] as $index => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, str_contains($line, ';') ? ';' : ',', '"', ''));
            if ($points === [] && $index === 0 && count($cells) >= 2 && ! is_numeric($cells[1])) {
                continue;
            }
            if (count($cells) < 2 || $cells[0] === '' || ! is_numeric($cells[1])) {
                throw InvalidInput::at(sprintf('line %d', $index + 1), 'This is not a level and a number.', $line, 'level,value or level,value,pair');
            }
            $points[] = ['level' => $cells[0], 'value' => (float) $cells[1], ...(($cells[2] ?? '') === '' ? [] : ['pair' => $cells[2]])];
        }
        $levels = array_map(
            static fn (string $name): array => ['name' => $name, ...(is_numeric($name) ? ['value' => (float) $name] : [])],
            array_map(strval(...), array_values(array_unique(array_column($points, 'level')))),
        );

        return ['levels' => $levels, 'points' => $points];
    }
}
