<?php

declare(strict_types=1);

namespace StoneMill\Style;

use StoneMill\Exchange\Row;

/** The choices that practitioners disagree on, each with what it buys, in the order of the work. */
final readonly class Schools
{
    /** @param list<array{step: string, name: string, options: list<array{id: string, name: string, buys: string}>}> $rows */
    private function __construct(public array $rows)
    {
    }

    /** @param list<Row> $rows of core/data/schools.json */
    public static function of(array $rows): self
    {
        $option = static fn (Row $option): array => ['id' => $option->text('id'), 'name' => $option->text('name'), 'buys' => $option->text('buys')];

        return new self(array_map(static fn (Row $row): array => ['step' => $row->text('step'), 'name' => $row->text('name'), 'options' => array_map($option, $row->rows('options'))], $rows));
    }
}
