<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Batch;
use App\Models\Bread;
use App\Models\Kitchen;
use App\Models\Photo;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;

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
