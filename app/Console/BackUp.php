<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Copies;
use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use Illuminate\Console\Command;

/**
 * Copies the database while it is in use, as one consistent file that has its name only when it is whole, and looks the copy through. Without
 * a name it goes among the dated ones, of which the newest are kept; an old one goes only once the new one is found sound.
 */
final class BackUp extends Command
{
    use SaysWhatStopsIt;

    protected $signature = 'mill:backup {file? : where the copy goes; must not exist yet} {--folder= : of the dated copies, where no file is named} {--keep=14 : dated copies that stay}';

    protected $description = 'Copies the kitchen\'s database while it is in use';

    public function handle(KitchenKeeper $keeper): int
    {
        $keep = filter_var($this->option('keep'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 1000]]);
        if ($keep === false) {
            return $this->refused("--keep must be a number from 1 to 1000, got '{$this->option('keep')}'.");
        }
        $folder = $this->option('folder') ?? config()->string('mill.copies');
        $copies = new Copies($folder);
        $isDated = $this->argument('file') === null;
        $file = $this->argument('file') ?? $copies->next(now());
        try {
            if ($isDated && ! is_dir($folder)) {
                mkdir($folder, 0700, true);
            }
            $keeper->backUp($file);
        } catch (UnusableKitchen $refusal) {
            return $this->failed($refusal->getMessage());
        }
        $this->line(sprintf('The kitchen %s is copied to %s.', $keeper->kitchen()->path, $file));
        $old = $isDated ? $copies->keepNewest($keep) : [];
        if ($old !== []) {
            $this->line(sprintf('Taken away, since %d are kept: %s.', $keep, implode(', ', $old)));
        }

        return self::SUCCESS;
    }
}
