<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Collection;

/**
 * Somebody who cooks in a kitchen.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $password
 * @property Kitchen $kitchen that this person is in now
 * @property array<string, string|bool> $profile how this person reads units and sees the pages
 * @property Collection<int, Membership> $memberships
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    /** Characters that a password has at least. */
    public const SHORTEST_PASSWORD = 12;

    protected $guarded = [];

    /** Chosen where somebody measures with what the kitchen has. */
    private const OF_THE_KITCHEN = 'kitchen';

    protected $attributes = ['profile' => '{}'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    /** @return Collection<int, Membership> in all kitchens of the house, each with its kitchen */
    public function places(): Collection
    {
        return $this->memberships()->with('kitchen')->orderBy('id')->get();
    }

    /** Whether each kitchen of the house is this person's own: only then are its copies theirs to put back. */
    public function ownsTheWholeHouse(): bool
    {
        return Membership::query()->where('user_id', $this->id)->where('role', KitchenRole::Owner)->distinct()->count('kitchen_id') === Kitchen::query()->count();
    }

    /** What this person may do in the kitchen where they are; null where they have no place in it any more. */
    public function role(): ?KitchenRole
    {
        return Membership::query()->where('kitchen_id', $this->kitchen_id)->where('user_id', $this->id)->first()?->role;
    }

    /** @return array{cup: string|null, spoon: string|null} what this person measures with there: a set of their own, or the kitchen's; null where nobody said */
    public function measuresIn(Kitchen $kitchen): array
    {
        $own = function (string $what): ?string {
            $set = $this->profile[$what] ?? self::OF_THE_KITCHEN;

            return is_string($set) && $set !== self::OF_THE_KITCHEN ? $set : null;
        };

        return ['cup' => $own('cup') ?? $kitchen->cup, 'spoon' => $own('spoon') ?? $kitchen->spoon];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'profile' => 'array'];
    }
}
