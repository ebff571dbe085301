<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Exception\KitchenBusy;
use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use Illuminate\Console\Command;

/** Puts a copy back in the place of the database, brought up to date; what was there, damaged or not, is kept beside it. */
final class Restore extends Command
{
    use SaysWhatStopsIt;

    protected $signature = 'mill:restore {file : a copy that mill:backup made}';

    protected $description = 'Puts a copy of the kitchen\'s database back, keeping the old one';

    public function handle(KitchenKeeper $keeper): int
    {
        try {
            $kept = $keeper->restore($this->argument('file'));
        } catch (UnusableKitchen $refusal) {
            return $this->refused($refusal->getMessage());
        } catch (KitchenBusy $refusal) {
            return $this->failed($refusal->getMessage());
        }
        $this->line(sprintf('The kitchen %s is restored.', $keeper->kitchen()->path));
        if ($kept !== null) {
            $this->line(sprintf('What was there before is %s.', $kept->path));
        }

        return self::SUCCESS;
    }
}
