<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;

/** Puts a copy back in the place of the database; what was there is kept beside it. */
final class Restore extends Command
{
    protected $signature = 'mill:restore {file : a copy that mill:backup made}';

    protected $description = 'Puts a copy of the kitchen\'s database back, keeping the old one';

    public function handle(): int
    {
        $file = $this->argument('file');
        $kitchen = (string) config('database.connections.sqlite.database');
        if (! is_string($file) || ! $this->isKitchen($file)) {
            $this->components->error('This is not a sound copy of a kitchen; nothing was changed.');

            return self::FAILURE;
        }
        $kept = preg_replace('/\.sqlite$/', '', $kitchen).'-before-restore-'.date('Y-m-d\TH-i-s').'.sqlite';
        DB::statement('VACUUM INTO ?', [$kept]);
        DB::disconnect();
        copy($file, $kitchen.'.new');
        foreach (['-wal', '-shm'] as $ending) {
            @unlink($kitchen.$ending);
        }
        rename($kitchen.'.new', $kitchen);
        $this->line("The kitchen is restored. What was there before is $kept.");

        return self::SUCCESS;
    }

    private function isKitchen(string $file): bool
    {
        if (! is_file($file)) {
            return false;
        }
        try {
            $copy = new PDO('sqlite:'.$file, options: [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
            $check = $copy->query('PRAGMA integrity_check');
            $tables = $copy->query("SELECT count(*) FROM sqlite_master WHERE name IN ('kitchens', 'batches', 'batch_events')");

            return $check !== false && $check->fetchColumn() === 'ok' && $tables !== false && (int) $tables->fetchColumn() === 3;
        } catch (PDOException) {
            return false;
        }
    }
}
