<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody's place in a kitchen.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int $user_id
 * @property KitchenRole $role
 * @property User $user
 * @property Kitchen $kitchen
 */
final class Membership extends Model
{
    protected $guarded = [];

    /** @return Collection<int, self> of a kitchen, each with who has it, in the order in which they came */
    public static function placesIn(Kitchen $kitchen): Collection
    {
        return self::query()->with('user')->where('kitchen_id', $kitchen->id)->orderBy('id')->get();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => KitchenRole::class];
    }
}
