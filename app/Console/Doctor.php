<?php

declare(strict_types=1);

namespace App\Console;

use App\House\Finding;
use App\House\Machine;
use Illuminate\Console\Command;

/** Looks the house over, and says a remedy for each thing that wants one. */
final class Doctor extends Command
{
    protected $signature = 'mill:doctor';

    protected $description = 'Looks the house over and says what wants doing';

    public function handle(Machine $machine): int
    {
        return Finding::say($machine->findings(), $this);
    }
}
