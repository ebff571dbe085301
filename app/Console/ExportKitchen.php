<?php

declare(strict_types=1);

namespace App\Console;

use App\Kitchens\Choice;
use App\Kitchens\KitchenFile;
use App\Models\Kitchen;

/** Writes a whole kitchen into a file that another house can read. */
final class ExportKitchen extends OnKitchen
{
    protected $signature = 'mill:export {file : that must not exist yet} {--kitchen= : its name, where the house has several}';

    protected $description = 'Writes a whole kitchen into a file';

    protected function work(): int
    {
        $file = $this->argument('file');
        $kitchen = self::kitchen($this->option('kitchen'));
        if ($kitchen === null) {
            return $this->refused(sprintf('Say which kitchen with --kitchen: %s.', implode(', ', array_map(static fn (mixed $name): string => is_string($name) ? $name : '', Kitchen::query()->orderBy('id')->pluck('name')->all()))));
        }
        if (file_exists($file)) {
            return $this->refused("$file is there already.");
        }
        KitchenFile::write($kitchen, Choice::everything(), $file.'.part', fn (string $part, int $rows) => $this->line(sprintf('  %-16s %d', $part, $rows)));
        rename($file.'.part', $file);
        $this->line("$kitchen->name is written to $file.");

        return self::SUCCESS;
    }

    /** The one of that name, or the only one; null where that is not clear. */
    public static function kitchen(?string $name): ?Kitchen
    {
        $found = Kitchen::query()->when($name !== null, static fn ($query) => $query->where('name', $name))->limit(2)->get();

        return $found->count() === 1 ? $found->first() : null;
    }
}
