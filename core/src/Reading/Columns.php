<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** Which column of a sheet says what. */
final readonly class Columns
{
    /**
     * @param list<string> $heads of the sheet
     * @param array<string, string> $byField heads by field
     */
    public function __construct(public array $heads, private array $byField)
    {
    }

    public function head(SheetField $field): ?string
    {
        return $this->byField[$field->value] ?? null;
    }

    /** @return list<string> heads that say nothing that is asked */
    public function unused(): array
    {
        return array_values(array_diff($this->heads, $this->byField));
    }

    /**
     * What a row says of it; empty where it says nothing.
     *
     * @param list<string> $row
     */
    public function cell(array $row, SheetField $field): string
    {
        $head = $this->head($field);
        $at = $head === null ? false : array_search($head, $this->heads, true);
        $cell = $at === false ? '' : ($row[$at] ?? '');

        // A spreadsheet is kept from running words as a formula by an apostrophe before them.
        return preg_match("/^'[=+\-@]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
