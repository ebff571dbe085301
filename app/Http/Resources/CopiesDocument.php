<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Database\Copies;
use App\Database\Copy;
use App\Database\KitchenKeeper;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;

/** The copies of a house, for an owner. */
final class CopiesDocument
{
    /** A larger one takes longer to bring up to date than a page waits. */
    public const MOST_BYTES = 60_000_000;

    /** @return array<string, mixed> */
    public static function of(User $owner, KitchenKeeper $keeper): array
    {
        return [
            'may_restore' => self::hasTheWholeHouse($owner),
            'copies' => array_map(static fn (Copy $copy): array => [
                'id' => $copy->name, 'kind' => $copy->kind->value, 'at' => $copy->at->format('Y-m-d\TH:i:s\Z'), 'megabytes' => round($copy->bytes / 1e6, 1), 'is_too_large' => $copy->bytes > self::MOST_BYTES,
            ], Copies::ofThisHouse()->all($keeper->kitchen())),
        ];
    }

    /** A copy holds all kitchens of a house: it is put back only by who owns each of them. */
    public static function hasTheWholeHouse(User $owner): bool
    {
        $own = Membership::query()->where('user_id', $owner->id)->where('role', KitchenRole::Owner)->distinct()->count('kitchen_id');

        return $own === Kitchen::query()->count();
    }
}
