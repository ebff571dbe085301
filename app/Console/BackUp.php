<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use Illuminate\Console\Command;

/** Copies the database while it is in use, as one consistent file that has its name only when it is whole. */
final class BackUp extends Command
{
    protected $signature = 'mill:backup {file : where the copy goes; must not exist yet}';

    protected $description = 'Copies the kitchen\'s database while it is in use';

    public function handle(KitchenKeeper $keeper): int
    {
        $file = $this->argument('file');
        try {
            $keeper->backUp($file);
        } catch (UnusableKitchen $refusal) {
            $this->components->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->line(sprintf('The kitchen %s is copied to %s.', $keeper->kitchen()->path, $file));

        return self::SUCCESS;
    }
}
