<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\JsonText;

/** The JSON document of a request, as it was sent: no trimming, no empty text turned into nothing. */
final class Body
{
    private const MOST_BYTES = 1_000_000;

    /** @throws InvalidInput If it is too large or not JSON. */
    public static function of(Request $request): mixed
    {
        return self::read(self::text($request));
    }

    /** @throws InvalidInput If it is too large. */
    public static function text(Request $request): string
    {
        $text = $request->getContent();
        if (strlen($text) > self::MOST_BYTES) {
            throw InvalidInput::at('(document)', 'This document is too large.', strlen($text), sprintf('at most %d bytes', self::MOST_BYTES));
        }

        return $text;
    }

    /** @throws InvalidInput If it is not JSON. */
    public static function read(string $text): mixed
    {
        return JsonText::decoded($text);
    }
}
