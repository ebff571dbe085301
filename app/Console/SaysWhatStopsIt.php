<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

/**
 * How a command ends that does not do what was asked: in plain sentences on the error output, with the exit status that bin/mill manual names.
 *
 * @phpstan-require-extends Command
 */
trait SaysWhatStopsIt
{
    /** What was asked for is not taken as it is: a name, a value, a file. */
    protected function refused(string $words): int
    {
        return $this->stopped($words, self::INVALID);
    }

    /** What was asked for is sound, and something else stands in its way. */
    protected function failed(string $words): int
    {
        return $this->stopped($words, self::FAILURE);
    }

    private function stopped(string $words, int $status): int
    {
        $this->getOutput()->getErrorStyle()->writeln($words);

        return $status;
    }
}
