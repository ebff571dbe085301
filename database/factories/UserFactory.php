<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Somebody in a kitchen, for tests: without a role, one who is named in a log and has no place there.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    public const PASSWORD = 'long enough here';

    protected $model = User::class;

    public function definition(): array
    {
        return ['kitchen_id' => Kitchen::factory(), 'name' => uniqid('cook '), 'password' => self::PASSWORD];
    }

    public function with(KitchenRole $role): static
    {
        return $this->afterCreating(static function (User $user) use ($role): void {
            Membership::query()->create(['kitchen_id' => $user->kitchen_id, 'user_id' => $user->id, 'role' => $role]);
        });
    }
}
