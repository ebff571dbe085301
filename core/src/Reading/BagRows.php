<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Reading\Internal\BagCells;

/** The rows of a sheet as bags. */
final class BagRows
{
    public const MOST = 500;

    /** @return list<ReadBag> */
    public static function of(Sheet $sheet, Columns $columns, Catalogue $catalogue, ByNames $names, BagsThere $there): array
    {
        $cells = new BagCells($catalogue, $names, $columns, $there);

        return array_map(static fn (array $row, int $index): ReadBag => $cells->bag($row, $index + 1), $sheet->rows, array_keys($sheet->rows));
    }
}
