<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Console\Command;

/** Gives the demo cook the password from MILL_PASSWORD, for a server that others can reach. */
final class SetPassword extends Command
{
    private const SHORTEST = 12;

    protected $signature = 'mill:password';

    protected $description = 'Sets the demo cook\'s password from MILL_PASSWORD';

    public function handle(): int
    {
        $password = config()->string('mill.demo_password');
        if (mb_strlen($password) < self::SHORTEST || $password === 'masa-and-water') {
            $this->components->error(sprintf('MILL_PASSWORD must have at least %d characters and not be the shipped one.', self::SHORTEST));

            return self::FAILURE;
        }
        $cook = User::query()->where('name', DemoKitchen::COOK)->first();
        if ($cook === null) {
            $this->components->error(sprintf('Nobody named %s cooks in this kitchen; no password was set.', DemoKitchen::COOK));

            return self::FAILURE;
        }
        $cook->update(['password' => $password]);

        return self::SUCCESS;
    }
}
