<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use StoneMill\Plan\Reference;

/** Writes the reference facts as PHP, which a server keeps compiled, so that no request has to read them as JSON. */
final class CompileFacts extends Command
{
    protected $signature = 'mill:facts {file : Where to write them}';

    protected $description = 'Writes the reference facts as PHP';

    public function handle(): int
    {
        $file = $this->argument('file');
        file_put_contents($file.'.new', '<?php return '.var_export(Reference::facts(), true).';');
        rename($file.'.new', $file);

        return self::SUCCESS;
    }
}
