<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A kitchen with nothing in it, for tests.
 *
 * @extends Factory<Kitchen>
 */
final class KitchenFactory extends Factory
{
    protected $model = Kitchen::class;

    public function definition(): array
    {
        return ['name' => 'Another kitchen'];
    }
}
