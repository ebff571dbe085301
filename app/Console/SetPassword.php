<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\KeptSessions;
use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Support\Facades\DB;

/** Gives a cook another password, from MILL_PASSWORD or as it is typed, and signs that cook out everywhere. */
final class SetPassword extends OnKitchen
{
    private const SHIPPED = 'masa-and-water';

    protected $signature = 'mill:password {name? : of the cook; the demo cook where there is none}';

    protected $description = 'Gives a cook another password';

    protected function work(): int
    {
        $name = $this->argument('name') ?? DemoKitchen::COOK;
        $cook = User::query()->where('name', $name)->first();
        if ($cook === null) {
            return $this->refused(sprintf('Nobody named %s cooks in this kitchen; no password was set.', $name));
        }
        $password = config()->string('mill.demo_password');
        if ($password === self::SHIPPED && $this->argument('name') !== null && $this->input->isInteractive()) {
            $typed = $this->secret(sprintf('New password of %s', $cook->name));
            $password = is_string($typed) ? $typed : '';
        }
        if (mb_strlen($password) < User::SHORTEST_PASSWORD || $password === self::SHIPPED) {
            return $this->refused(sprintf('A password has at least %d characters and is not the shipped one: set MILL_PASSWORD, or type it.', User::SHORTEST_PASSWORD));
        }
        DB::transaction(static function () use ($cook, $password): void {
            $cook->update(['password' => $password]);
            KeptSessions::endAllOf($cook);
        });

        return self::SUCCESS;
    }
}
