<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use JsonException;
use StoneMill\Exchange\Exception\InvalidInput;

/** The JSON document of a request, as it was sent: no trimming, no empty text turned into nothing. */
final class Body
{
    private const MOST_BYTES = 1_000_000;

    private const DEEPEST = 64;

    /** @throws InvalidInput If it is too large or not JSON. */
    public static function of(Request $request): mixed
    {
        $text = $request->getContent();
        if (strlen($text) > self::MOST_BYTES) {
            throw InvalidInput::at('(document)', 'This document is too large.', strlen($text), sprintf('at most %d bytes', self::MOST_BYTES));
        }
        try {
            return json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $failure) {
            throw InvalidInput::at('(document)', 'This is not JSON: '.$failure->getMessage().'.', $text, 'a JSON document');
        }
    }
}
