<?php

declare(strict_types=1);

namespace App\Console;

use App\Kitchens\BringIn;
use App\Kitchens\Differing;
use App\Kitchens\KitchenFile;
use App\Models\Kitchen;
use Illuminate\Console\Command;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\FieldError;
use StoneMill\Plan\Reference;

/** Brings a kitchen file in: into a house that has no kitchen yet, or into one of its kitchens. */
final class ImportKitchen extends Command
{
    use SaysWhatStopsIt;

    protected $signature = 'mill:import {file} {--kitchen= : into which, where the house has several} {--take : of what is not alike, take it as the file has it} {--look : only say what would come in}';

    protected $description = 'Brings a kitchen file in';

    public function handle(Reference $reference): int
    {
        $isEmpty = Kitchen::query()->doesntExist();
        $into = $isEmpty ? null : ExportKitchen::kitchen($this->option('kitchen'));
        if ($into === null && ! $isEmpty) {
            return $this->refused('Say with --kitchen into which kitchen.');
        }
        try {
            $report = BringIn::from(
                KitchenFile::open($this->argument('file')), $into, $this->option('take') === true ? Differing::Take : Differing::Keep, $this->option('look') === true, $reference,
                fn (string $part) => $this->getOutput()->isVerbose() ? $this->line("  $part") : null,
            );
        } catch (InvalidInput $refusal) {
            return $this->refused(implode(' ', array_map(static fn (FieldError $error): string => $error->inWords(), $refusal->errors)));
        }
        $told = $report->toArray();
        foreach ($told['parts'] as $part => ['new' => $new, 'same' => $same, 'kept' => $kept, 'taken' => $taken]) {
            $this->line(sprintf('  %-16s %d new, %d the same, %d kept as here, %d taken as there', $part, $new, $same, $kept, $taken));
        }
        array_map($this->line(...), $told['notes']);
        $this->line($this->option('look') === true ? 'Nothing was changed.' : 'It is in.');

        return self::SUCCESS;
    }
}
