<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Database\Copies;
use App\Database\Copy;
use App\Database\KitchenKeeper;
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
            'may_restore' => $owner->ownsTheWholeHouse(),
            'copies' => array_map(static fn (Copy $copy): array => [
                'id' => $copy->name, 'kind' => $copy->kind->value, 'at' => $copy->at->format('Y-m-d\TH:i:s\Z'), 'megabytes' => round($copy->bytes / 1e6, 1), 'is_too_large' => $copy->bytes > self::MOST_BYTES,
            ], Copies::ofThisHouse()->all($keeper->kitchen())),
        ];
    }
}
