<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use Illuminate\Console\Command;

/** A command that works on the kitchen as it is; where that is none of this version, it says so and what to do, before anything is done. */
abstract class OnKitchen extends Command
{
    use SaysWhatStopsIt;

    final public function handle(KitchenKeeper $keeper): int
    {
        try {
            $keeper->needed();
        } catch (UnusableKitchen $refusal) {
            return $this->failed($refusal->getMessage());
        }

        return $this->work();
    }

    /** @return int the exit status */
    abstract protected function work(): int;
}
