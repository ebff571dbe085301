<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** What a kitchen that is opened to look around holds: the demo. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        $this->call(DemoKitchen::class);
    }
}
