<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\KeptSessions;
use App\Models\FormerMembership;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;
use StoneMill\Exchange\Exception\InvalidInput;

/** What an owner says about who cooks in a kitchen. One owner always stays. */
final class ChangePeople
{
    /**
     * Role and password, or neither; null leaves it as it is.
     *
     * @throws InvalidInput If nobody would be left to say who cooks here, or the password is not this kitchen's to set.
     */
    public function keep(Kitchen $kitchen, Membership $place, ?KitchenRole $role, ?string $password): void
    {
        DB::transaction(static function () use ($kitchen, $place, $role, $password): void {
            if ($role !== null && $role !== KitchenRole::Owner) {
                self::refuseWithoutOwner($kitchen, $place, 'role');
            }
            if ($role !== null) {
                $place->update(['role' => $role]);
            }
            if ($password !== null) {
                self::password($place->user, $password);
            }
        });
    }

    /**
     * What they wrote in the log stays theirs. Whoever has a place in another kitchen is there from now on.
     *
     * @throws InvalidInput If nobody would be left to say who cooks here.
     */
    public function remove(Kitchen $kitchen, Membership $place): void
    {
        DB::transaction(static function () use ($kitchen, $place): void {
            self::refuseWithoutOwner($kitchen, $place, 'person');
            FormerMembership::query()->updateOrCreate(['kitchen_id' => $kitchen->id, 'user_id' => $place->user_id], ['role' => $place->role]);
            $place->delete();
            $other = Membership::query()->where('user_id', $place->user_id)->orderBy('id')->first();
            if ($other !== null && $place->user->kitchen_id === $kitchen->id) {
                $place->user->update(['kitchen_id' => $other->kitchen_id]);
            }
            KeptSessions::endAllOf($place->user);
        });
    }

    /** What somebody was allowed here before is allowed again. Whoever was asked in meanwhile stays as they are. */
    public function letBack(Kitchen $kitchen, FormerMembership $place): void
    {
        DB::transaction(static function () use ($kitchen, $place): void {
            Membership::query()->firstOrCreate(['kitchen_id' => $kitchen->id, 'user_id' => $place->user_id], ['role' => $place->role]);
            $place->delete();
        });
    }

    private static function password(User $user, #[SensitiveParameter] string $password): void
    {
        if ($user->memberships()->count() > 1) {
            throw InvalidInput::at('password', 'This person also cooks in another kitchen, and sets it alone.', null, 'left out');
        }
        $user->update(['password' => $password]);
        KeptSessions::endAllOf($user);
    }

    private static function refuseWithoutOwner(Kitchen $kitchen, Membership $place, string $field): void
    {
        $others = Membership::query()->where('kitchen_id', $kitchen->id)->where('role', KitchenRole::Owner)->whereKeyNot($place->id)->exists();
        if ($place->role === KitchenRole::Owner && ! $others) {
            throw InvalidInput::at($field, 'Nobody would be left to say who cooks here.', $place->user->name, 'another owner first');
        }
    }
}
