<?php

declare(strict_types=1);

namespace App\Console;

use App\House\Finding;
use App\House\Machine;
use App\House\ServedHouse;
use App\House\Settings;
use Illuminate\Console\Command;

/** Looks over a house that is reached from elsewhere, and says a remedy for each thing that is missing. */
final class CheckHouse extends Command
{
    protected $signature = 'mill:house {--config='.Settings::CONFIG.' : where its settings and certificate are} {--units='.Settings::UNITS.' : where its units are}';

    protected $description = 'Looks over what a house wants that is reached from elsewhere';

    public function handle(Machine $machine): int
    {
        $served = new ServedHouse(self::text($this->option('config')), self::text($this->option('units')));

        return Finding::say([...$served->findings(), ...$machine->findings()], $this);
    }

    private static function text(mixed $option): string
    {
        return is_string($option) ? $option : '';
    }
}
