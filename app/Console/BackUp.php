<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Copies the database while it is in use, as one consistent file. */
final class BackUp extends Command
{
    protected $signature = 'mill:backup {file : where the copy goes; must not exist yet}';

    protected $description = 'Copies the kitchen\'s database while it is in use';

    public function handle(): int
    {
        $file = $this->argument('file');
        if (! is_string($file) || file_exists($file)) {
            $this->components->error('There is a file of that name already; nothing was written.');

            return self::FAILURE;
        }
        DB::statement('VACUUM INTO ?', [$file]);
        $this->line("The kitchen is copied to $file.");

        return self::SUCCESS;
    }
}
