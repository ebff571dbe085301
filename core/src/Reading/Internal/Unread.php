<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Reading\Columns;
use StoneMill\Reading\MadeField;

/** The cells of a row as they are read, and the words of those that could not be. */
final class Unread
{
    /** @var list<string> */
    private array $words = [];

    /** @param list<string> $row */
    public function __construct(private readonly Columns $columns, private readonly array $row)
    {
    }

    public function cell(MadeField $field): string
    {
        return $this->columns->cell($this->row, $field);
    }

    /**
     * @template T
     *
     * @param callable(string, string): (T|null) $read of the cell and its head
     * @param (callable(T): bool)|null $fits whether it can be so
     * @return T|null
     */
    public function take(MadeField $field, callable $read, ?callable $fits = null): mixed
    {
        $said = $this->cell($field);
        if ($said === '') {
            return null;
        }
        $value = $read($said, (string) $this->columns->head($field));
        if ($value === null || ($fits !== null && ! $fits($value))) {
            $this->words[] = sprintf('%s: %s', $this->columns->head($field), $said);

            return null;
        }

        return $value;
    }

    /** @return list<string> head and cell */
    public function words(): array
    {
        return $this->words;
    }
}
