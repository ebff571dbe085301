<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Exception\UnusableKitchen;
use App\Database\FileCondition;
use App\Database\KitchenKeeper;
use Illuminate\Console\Command;

/** Reads the whole file, however large, while the server runs already; who begins it ends the server when the file is damaged. */
final class LookThrough extends Command
{
    use SaysWhatStopsIt;

    protected $signature = 'mill:look-through';

    protected $description = 'Looks through all of the kitchen\'s file';

    public function handle(KitchenKeeper $keeper): int
    {
        $condition = $keeper->condition();
        if ($condition === FileCondition::Sound) {
            return self::SUCCESS;
        }

        return $this->failed(UnusableKitchen::found($keeper->kitchen(), $condition)->getMessage());
    }
}
