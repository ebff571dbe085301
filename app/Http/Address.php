<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** What an address asks for. Addresses carry words; numbers among them are meant as numbers. */
final class Address
{
    /** @return array<array-key, mixed> */
    public static function of(Request $request): array
    {
        return array_map(static fn (mixed $value): mixed => is_string($value) && is_numeric($value) ? $value + 0 : $value, $request->query->all());
    }
}
