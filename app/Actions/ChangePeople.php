<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\KeptSessions;
use App\Models\Kitchen;
use App\Models\Membership;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;

/** What an owner says about who cooks in a kitchen. One owner always stays. */
final class ChangePeople
{
    /** @throws InvalidInput If nobody would be left to say who cooks here. */
    public function role(Kitchen $kitchen, Membership $place, Role $role): void
    {
        DB::transaction(static function () use ($kitchen, $place, $role): void {
            if ($role !== Role::Owner) {
                self::refuseWithoutOwner($kitchen, $place, 'role');
            }
            $place->update(['role' => $role]);
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
            $place->delete();
            $other = Membership::query()->where('user_id', $place->user_id)->orderBy('id')->first();
            if ($other !== null && $place->user->kitchen_id === $kitchen->id) {
                $place->user->update(['kitchen_id' => $other->kitchen_id]);
            }
            KeptSessions::endAllOf($place->user);
        });
    }

    /** @throws InvalidInput If the person also cooks elsewhere: then the password is not this kitchen's to set. */
    public function password(Membership $place, string $password): void
    {
        DB::transaction(static function () use ($place, $password): void {
            if (Membership::query()->where('user_id', $place->user_id)->count() > 1) {
                throw InvalidInput::at('password', 'This person also cooks in another kitchen, and sets it alone.', null, 'left out');
            }
            $place->user->update(['password' => $password]);
            KeptSessions::endAllOf($place->user);
        });
    }

    private static function refuseWithoutOwner(Kitchen $kitchen, Membership $place, string $field): void
    {
        $others = Membership::query()->where('kitchen_id', $kitchen->id)->where('role', Role::Owner)->whereKeyNot($place->id)->exists();
        if ($place->role === Role::Owner && ! $others) {
            throw InvalidInput::at($field, 'Nobody would be left to say who cooks here.', $place->user->name, 'another owner first');
        }
    }
}
