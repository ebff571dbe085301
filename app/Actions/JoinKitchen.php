<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Invitation;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;

/** Gives somebody a place in a kitchen, and makes that the kitchen they are in. */
final class JoinKitchen
{
    public function __invoke(User $user, Kitchen $kitchen, KitchenRole $role): void
    {
        DB::transaction(static function () use ($user, $kitchen, $role): void {
            Membership::query()->firstOrCreate(['kitchen_id' => $kitchen->id, 'user_id' => $user->id], ['role' => $role]);
            $user->update(['kitchen_id' => $kitchen->id]);
            $user->unsetRelation('kitchen');
        });
    }

    /**
     * By an invitation, which is used up by it: of two who follow the same link at once, one comes in.
     *
     * @param User|null $known who is signed in already; null for somebody new
     * @return User|null null where the link opens nothing any more, or the name is taken
     */
    public function invited(#[SensitiveParameter] string $secret, ?User $known, string $name, #[SensitiveParameter] string $password): ?User
    {
        return DB::transaction(function () use ($secret, $known, $name, $password): ?User {
            $invitation = Invitation::open($secret);
            if ($invitation === null || $known === null && User::query()->where('name', $name)->exists()) {
                return null;
            }
            $user = $known ?? User::query()->create(['kitchen_id' => $invitation->kitchen_id, 'name' => $name, 'password' => $password]);
            $this($user, $invitation->kitchen, $invitation->role);
            $invitation->update(['taken_at' => now()]);

            return $user;
        });
    }
}
