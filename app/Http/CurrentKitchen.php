<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Batch;
use App\Models\Bread;
use App\Models\FormerMembership;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\Photo;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** The kitchen that a request may see, and the only way from an identifier to something in it. */
final class CurrentKitchen
{
    public static function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw new AuthenticationException;
    }

    public static function of(Request $request): Kitchen
    {
        return self::user($request)->kitchen;
    }

    /**
     * The kitchen, for somebody who says who cooks in it.
     *
     * @throws AccessDeniedHttpException For anybody else.
     */
    public static function kept(Request $request): Kitchen
    {
        $user = self::user($request);
        if ($user->role() !== KitchenRole::Owner) {
            throw new AccessDeniedHttpException('Only an owner of this kitchen may do this.');
        }

        return $user->kitchen;
    }

    /** Somebody's place in this kitchen; who has none does not exist here. */
    public static function place(Kitchen $kitchen, string $person): Membership
    {
        return Membership::query()->with('user')->where('kitchen_id', $kitchen->id)->where('user_id', (int) $person)->firstOrFail();
    }

    /** The place that somebody had in this kitchen; who had none does not exist here. */
    public static function formerPlace(Kitchen $kitchen, string $person): FormerMembership
    {
        return FormerMembership::query()->with('user')->where('kitchen_id', $kitchen->id)->where('user_id', (int) $person)->firstOrFail();
    }

    /** The bread of that identifier in this kitchen; elsewhere it does not exist. */
    public static function bread(Request $request, string $uuid): Bread
    {
        return Bread::query()->where('kitchen_id', self::user($request)->kitchen_id)->where('uuid', $uuid)->firstOrFail();
    }

    /** The photo of that identifier, of a batch in this kitchen; elsewhere it does not exist. */
    public static function photo(Request $request, string $batch, string $uuid): Photo
    {
        return Photo::query()->where('batch_id', self::batch($request, $batch)->id)->where('uuid', $uuid)->firstOrFail();
    }

    /** The trial of that identifier in this kitchen; elsewhere it does not exist. */
    public static function trial(Request $request, string $uuid): Trial
    {
        return Trial::query()->with(['bread', 'batches.verdict'])->where('kitchen_id', self::user($request)->kitchen_id)->where('uuid', $uuid)->firstOrFail();
    }

    /** The batch of that identifier in this kitchen; elsewhere it does not exist. */
    public static function batch(Request $request, string $uuid): Batch
    {
        return Batch::query()->where('kitchen_id', self::user($request)->kitchen_id)->where('uuid', $uuid)->firstOrFail();
    }
}
