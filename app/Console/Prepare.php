<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Exception\KitchenBusy;
use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use App\Models\Bread;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Console\Command;
use Throwable;

/** Makes the kitchen or brings it up to date; whatever has to be said goes to the error output, whose kitchen it is to the other. */
final class Prepare extends Command
{
    use SaysWhatStopsIt;

    protected $signature = 'mill:prepare {--demo : a new kitchen is the demo\'s} {--fresh : puts the kitchen that is there aside}';

    protected $description = 'Makes the kitchen\'s database, or brings it up to date';

    public function handle(KitchenKeeper $keeper): int
    {
        try {
            $aside = $this->option('fresh') === true ? $keeper->putAside() : null;
            $kept = $keeper->prepare($this->option('demo') === true);
        } catch (UnusableKitchen|KitchenBusy $refusal) {
            return $this->failed($refusal->getMessage());
        } catch (Throwable $failure) {
            // It was being built beside the kitchen, which is as it was.
            report($failure);

            return $this->failed(sprintf('The kitchen could not be made ready (%s); nothing was changed. storage/logs tells more.', strtok($failure->getMessage(), "\n")));
        }
        foreach (['The old database is %s' => $aside, 'Brought up to date; as it was before it is %s' => $kept] as $words => $file) {
            if ($file !== null) {
                $this->say(sprintf("  $words", $file->path));
            }
        }
        $this->line($this->whose());

        return self::SUCCESS;
    }

    /** For whoever starts it, and not for the script that reads whose kitchen it is. */
    private function say(string $words): void
    {
        $this->output->getErrorStyle()->writeln($words);
    }

    private function whose(): string
    {
        return match (true) {
            User::query()->doesntExist() => 'nobody',
            Bread::query()->where('uuid', DemoKitchen::firstBread())->exists() => 'demo',
            default => 'own',
        };
    }
}
