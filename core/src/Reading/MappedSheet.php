<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** A sheet, and which of its columns says what. */
final readonly class MappedSheet
{
    public function __construct(public Sheet $sheet, public Columns $columns)
    {
    }
}
