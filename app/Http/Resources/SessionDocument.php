<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;

/** Who is signed in, or whether anybody could. */
final class SessionDocument
{
    /** @return array{user: array<string, mixed>|null, first_run: bool} */
    public static function of(?User $user): array
    {
        return [
            'user' => $user === null ? null : self::user($user),
            'first_run' => $user === null && ! Kitchen::isThereAny(),
        ];
    }

    /** @return array<string, mixed> */
    private static function user(User $user): array
    {
        $places = $user->places();

        return [
            'id' => (string) $user->id, 'name' => $user->name, 'kitchen' => $user->kitchen->name,
            'role' => $places->first(static fn (Membership $place): bool => $place->kitchen_id === $user->kitchen_id)?->role->value ?? KitchenRole::Cook->value,
            'kitchens' => $places->map(static fn (Membership $place): array => ['id' => (string) $place->kitchen_id, 'name' => $place->kitchen->name, 'is_here' => $place->kitchen_id === $user->kitchen_id])->all(),
            'profile' => (object) $user->profile,
        ];
    }
}
