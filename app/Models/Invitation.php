<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use SensitiveParameter;

/**
 * A link by which one person may join a kitchen, once and for a few days.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property KitchenRole $role
 * @property string $secret hash of what stands in the link
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $taken_at
 * @property Kitchen $kitchen
 */
final class Invitation extends Model
{
    public const DAYS = 7;

    protected $guarded = [];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** The one that this secret opens, where it still does. */
    public static function open(#[SensitiveParameter] string $secret): ?self
    {
        $invitation = self::query()->where('secret', Secret::hash($secret))->first();

        return $invitation === null || $invitation->taken_at !== null || $invitation->expires_at->isPast() ? null : $invitation;
    }

    /** @return list<self> that nobody has followed yet, and still can */
    public static function openOf(Kitchen $kitchen): array
    {
        $all = self::query()->where('kitchen_id', $kitchen->id)->whereNull('taken_at')->orderBy('id')->get();

        return array_values($all->filter(static fn (self $one): bool => $one->expires_at->isFuture())->all());
    }

    /** What stands in its link: known to this house alone, and the same each time it is asked for. */
    public static function secretOf(string $uuid): string
    {
        return Secret::of('invitation', $uuid);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => KitchenRole::class, 'expires_at' => UtcMoment::class, 'taken_at' => UtcMoment::class];
    }
}
