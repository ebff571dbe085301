<?php

declare(strict_types=1);

namespace App\Models;

use SensitiveParameter;

/** What stands in a link that opens something without a sign-in: known to this house alone, and the same each time it is asked for. */
final class Secret
{
    public static function of(string $purpose, string $uuid): string
    {
        return hash_hmac('sha256', "$purpose $uuid", config()->string('app.key'));
    }

    /** As it is kept: nobody opens anything with a copy of the database. */
    public static function hash(#[SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }
}
