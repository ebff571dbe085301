<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Kitchen;
use App\Models\User;

/** Who is signed in, or whether anybody could. */
final class SessionDocument
{
    /** @return array{user: array{id: string, name: string, kitchen: string}|null, first_run: bool} */
    public static function of(?User $user): array
    {
        return [
            'user' => $user === null ? null : ['id' => (string) $user->id, 'name' => $user->name, 'kitchen' => $user->kitchen->name],
            'first_run' => $user === null && ! Kitchen::query()->exists(),
        ];
    }
}
