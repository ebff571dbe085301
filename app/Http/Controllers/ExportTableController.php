<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exports\CsvStream;
use App\Exports\LarderTable;
use App\Exports\RecordTable;
use App\Exports\Table;
use App\Exports\TrialsTable;
use App\Exports\WeighingsTable;
use App\Http\CurrentKitchen;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A table of the kitchen as a file for any spreadsheet, written as it is read, so that a long record fits into a small house. */
final class ExportTableController
{
    /** @var array<string, class-string<Table>> by the name in the address */
    public const TABLES = ['record' => RecordTable::class, 'weighings' => WeighingsTable::class, 'larder' => LarderTable::class, 'trials' => TrialsTable::class];

    public function __invoke(Request $request, string $table): StreamedResponse
    {
        $kitchen = CurrentKitchen::of($request);
        $from = app(self::TABLES[$table]);

        return new StreamedResponse(static function () use ($from, $kitchen): void {
            $out = fopen('php://output', 'wb') ?: throw new \RuntimeException('There is nothing to write to.');
            $csv = new CsvStream($out);
            $csv->write($from->heads());
            foreach ($from->rows($kitchen) as $row) {
                $csv->write($row);
            }
            fclose($out);
        }, 200, ['Content-Type' => 'text/csv; charset=utf-8; header=present', 'Content-Disposition' => "attachment; filename=\"$table.csv\"", 'X-Accel-Buffering' => 'no']);
    }
}
