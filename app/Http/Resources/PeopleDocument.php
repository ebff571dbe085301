<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Feed;
use App\Models\FormerMembership;
use App\Models\Invitation;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;

/** Who cooks in a kitchen, and who is asked to. */
final class PeopleDocument
{
    /** @return array<string, mixed> links of invitations, and who was shown out, for owners only */
    public static function of(Kitchen $kitchen, User $reader): array
    {
        $places = Membership::placesIn($kitchen);
        $isOwner = $places->first(static fn (Membership $place): bool => $place->user_id === $reader->id)?->role === KitchenRole::Owner;

        return [
            'people' => $places->map(static fn (Membership $place): array => [
                'id' => (string) $place->user_id, 'name' => $place->user->name, 'role' => $place->role->value, 'is_me' => $place->user_id === $reader->id,
            ])->all(),
            'former' => $isOwner ? FormerMembership::lostIn($kitchen, $places)->map(static fn (FormerMembership $place): array => [
                'id' => (string) $place->user_id, 'name' => $place->user->name, 'role' => $place->role->value,
            ])->all() : [],
            'invitations' => array_map(static fn (Invitation $one): array => [
                'id' => $one->uuid, 'role' => $one->role->value, 'expires_at' => $one->expires_at->toAtomString(), 'secret' => Invitation::secretOf($one->uuid),
            ], $isOwner ? Invitation::openOf($kitchen) : []),
            'calendar' => Feed::secretOf($kitchen, $reader),
        ];
    }
}
