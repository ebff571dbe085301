<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The place that somebody had in a kitchen and can be given again.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int $user_id
 * @property KitchenRole $role
 * @property User $user
 */
final class FormerMembership extends Model
{
    protected $guarded = [];

    /**
     * @param Collection<int, Membership> $places that are had in the kitchen now
     * @return Collection<int, self> of those who have none any more
     */
    public static function lostIn(Kitchen $kitchen, Collection $places): Collection
    {
        return self::query()->with('user')->where('kitchen_id', $kitchen->id)->whereNotIn('user_id', $places->pluck('user_id'))->orderBy('id')->get();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => KitchenRole::class];
    }
}
