<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Moves everything from the write-ahead log into the database file, so that the file alone is the kitchen. */
final class Checkpoint extends Command
{
    protected $signature = 'mill:checkpoint';

    protected $description = 'Moves the write-ahead log into the database file';

    public function handle(): int
    {
        DB::select('PRAGMA wal_checkpoint(TRUNCATE)');

        return self::SUCCESS;
    }
}
