<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Reading\Internal\BagCells;
use StoneMill\Reading\Internal\NameFinder;

/**
 * The sheet in which a cook already keeps the bags, as CSV of any make: commas, semicolons or tabs, heads in the cook's own words. Which column says
 * what is guessed from its head, and said better by the cook.
 */
final readonly class BagSheet
{
    public const MOST_LETTERS = 400_000;

    public const MOST_ROWS = 500;

    /**
     * @param list<string> $heads
     * @param list<list<string>> $rows
     */
    private function __construct(public array $heads, private array $rows)
    {
    }

    public static function of(string $csv): self
    {
        $csv = preg_replace('/^\x{FEFF}/u', '', $csv) ?? $csv;
        $first = strtok($csv, "\r\n") ?: '';
        $marks = array_map(static fn (string $mark): int => substr_count($first, $mark), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($marks);
        $stream = fopen('php://memory', 'r+b') ?: throw new \LogicException('There is no memory to read in.');
        fwrite($stream, $csv);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, null, (string) array_key_first($marks), '"', '')) !== false) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $row);
            if (implode('', $cells) !== '') {
                $rows[] = $cells;
            }
        }

        return new self(array_shift($rows) ?? [], $rows);
    }

    public function count(): int
    {
        return count($this->rows);
    }

    /** @return array<string, string> heads by field, as far as they speak for themselves; each head once */
    public function columns(): array
    {
        $columns = [];
        // As a head stands; then without the unit that stands in brackets after it.
        foreach ([array_map(self::plain(...), $this->heads), array_map(static fn (string $head): string => self::plain((string) preg_replace('/\([^)]*\)/', ' ', $head)), $this->heads)] as $plain) {
            foreach (BagField::cases() as $field) {
                $free = array_filter($plain, fn (int $at): bool => ! in_array($this->heads[$at], $columns, true), ARRAY_FILTER_USE_KEY);
                // The surest name of a field comes first.
                $at = array_search(array_values(array_intersect($field->heads(), $free))[0] ?? null, $free, true);
                if (! isset($columns[$field->value]) && is_int($at)) {
                    $columns[$field->value] = $this->heads[$at];
                }
            }
        }

        return $columns;
    }

    private static function plain(string $head): string
    {
        return trim((string) preg_replace('/[\s_]+/', ' ', strtr(mb_strtolower($head), ['(' => ' ', ')' => ' ', '€' => ' ', '-' => ' '])));
    }

    /**
     * @param array<string, string> $columns heads by field
     * @return list<ReadBag>
     */
    public function bags(array $columns, Catalogue $catalogue, ByNames $names): array
    {
        $cells = new BagCells($catalogue, $names, new NameFinder($catalogue, $names), $this->heads, $columns);

        return array_map(static fn (array $row, int $index): ReadBag => $cells->bag($row, $index + 1), $this->rows, array_keys($this->rows));
    }
}
