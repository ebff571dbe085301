<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Membership;

/** Who cooks where in this house. */
final class ListUsers extends OnKitchen
{
    protected $signature = 'mill:users {--json : as JSON}';

    protected $description = 'Lists who cooks where';

    protected function work(): int
    {
        $places = Membership::query()->with(['kitchen', 'user'])->get()
            ->map(static fn (Membership $place): array => ['kitchen' => $place->kitchen->name, 'name' => $place->user->name, 'role' => $place->role->value])
            ->sortBy(['kitchen', 'name'])->values();
        if ($this->option('json') === true) {
            $this->line($places->toJson(JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        foreach ($places as $place) {
            $this->line(sprintf('%-28s %-24s %s', $place['kitchen'], $place['name'], $place['role']));
        }

        return self::SUCCESS;
    }
}
