<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Exchange\Node;

/**
 * A sheet that a cook already keeps, as CSV of any make: commas, semicolons or tabs, heads in the cook's own words. Which column says what is
 * guessed from its head, and said better by the cook.
 */
final readonly class Sheet
{
    public const MOST_LETTERS = 400_000;

    private const LONGEST_HEAD = 120;

    /**
     * @param list<string> $heads
     * @param list<list<string>> $rows
     * @param int $firstLine in which the rows begin
     */
    private function __construct(public array $heads, public array $rows, public int $firstLine = 2)
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

    /**
     * The same where the first row are no heads.
     *
     * @param list<string> $heads
     */
    public function under(array $heads): self
    {
        return new self($heads, [$this->heads, ...$this->rows], 1);
    }

    /** Reads it from a document; what is too long for a kitchen goes to the findings of the node. */
    public static function read(Node $node, int $mostRows): self
    {
        $sheet = self::of($node->prose(self::MOST_LETTERS));
        if (count($sheet->rows) > $mostRows) {
            $node->refuse(sprintf('This has %d rows.', count($sheet->rows)), sprintf('at most %d rows', $mostRows));
        }

        return $sheet;
    }

    /**
     * Which column says what: as the cook said, or as the heads speak for themselves.
     *
     * @param list<SheetField> $fields
     */
    public function columns(array $fields, Node $said): Columns
    {
        return new Columns($this->heads, $said->isAbsent() ? $this->guessed($fields) : $this->told($fields, $said));
    }

    /**
     * @param list<SheetField> $fields
     * @return array<string, string> heads by field; each head once
     */
    private function guessed(array $fields): array
    {
        $columns = [];
        // As a head stands; then without the unit that stands in brackets after it.
        foreach ([array_map(self::plain(...), $this->heads), array_map(static fn (string $head): string => self::plain((string) preg_replace('/\([^)]*\)/', ' ', $head)), $this->heads)] as $plain) {
            foreach ($fields as $field) {
                $free = array_filter($plain, fn (int $at): bool => ! in_array($this->heads[$at], $columns, true), ARRAY_FILTER_USE_KEY);
                // The surest name of a field comes first.
                $at = array_search(array_values(array_intersect($field->heads(), $free))[0] ?? null, $free, true);
                if (! isset($columns[(string) $field->value]) && is_int($at)) {
                    $columns[(string) $field->value] = $this->heads[$at];
                }
            }
        }

        return $columns;
    }

    /**
     * @param list<SheetField> $fields
     * @return array<string, string> heads by field
     */
    private function told(array $fields, Node $said): array
    {
        $said->object(array_map(static fn (SheetField $field): string => (string) $field->value, $fields));
        $columns = [];
        foreach ($fields as $field) {
            $head = $said->at((string) $field->value)->optionalText(self::LONGEST_HEAD);
            if ($head !== null && ! in_array($head, $this->heads, true)) {
                $said->at((string) $field->value)->refuse('The sheet has no such column.', implode(', ', $this->heads));
            } elseif ($head !== null) {
                $columns[(string) $field->value] = $head;
            }
        }

        return $columns;
    }

    private static function plain(string $head): string
    {
        return trim((string) preg_replace('/[\s_]+/', ' ', strtr(mb_strtolower($head), ['(' => ' ', ')' => ' ', '€' => ' ', '-' => ' ', '?' => ' '])));
    }
}
