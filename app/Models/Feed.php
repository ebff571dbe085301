<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use SensitiveParameter;

/**
 * The calendar of a kitchen as one of its cooks follows it from outside.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property int $user_id
 * @property Kitchen $kitchen
 * @property User $user
 */
final class Feed extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** The one that this secret opens, as long as its cook has a place in the kitchen. */
    public static function open(#[SensitiveParameter] string $secret): ?self
    {
        $feed = self::query()->where('secret', Secret::hash($secret))->first();
        $isIn = $feed !== null && Membership::query()->where('kitchen_id', $feed->kitchen_id)->where('user_id', $feed->user_id)->exists();

        return $isIn ? $feed : null;
    }

    public static function secretOf(Kitchen $kitchen, User $user): ?string
    {
        $feed = self::query()->where('kitchen_id', $kitchen->id)->where('user_id', $user->id)->first();

        return $feed === null ? null : Secret::of('calendar', $feed->uuid);
    }
}
