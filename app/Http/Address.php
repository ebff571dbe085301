<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** What an address asks for. Addresses carry words; numbers among them are meant as numbers, and nothing but blanks says nothing. */
final class Address
{
    /** @return array<array-key, mixed> */
    public static function of(Request $request): array
    {
        return array_map(self::meant(...), $request->query->all());
    }

    private static function meant(mixed $value): mixed
    {
        if (! is_string($value)) {
            return $value;
        }
        $text = Str::trim($value);

        return match (true) {
            $text === '' => null,
            is_numeric($text) => $text + 0,
            default => $text,
        };
    }
}
