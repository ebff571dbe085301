<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Reading\MappedSheet;
use StoneMill\Reading\SheetField;

/** What the columns of a sheet were taken for. */
final class SheetDocument
{
    /**
     * @param list<SheetField> $fields that were asked for
     * @return array<string, mixed>
     */
    public static function json(MappedSheet $mapped, array $fields): array
    {
        return [
            'heads' => $mapped->sheet->heads,
            'fields' => array_map(static fn (SheetField $field): array => ['field' => $field->value, 'words' => $field->inWords(), 'head' => $mapped->columns->head($field)], $fields),
            'unused' => $mapped->columns->unused(),
        ];
    }
}
