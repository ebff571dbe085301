<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

use JsonException;
use StoneMill\Exchange\Exception\InvalidInput;

/** JSON from outside, the same for every door. */
final class JsonText
{
    private const DEEPEST = 64;

    /** @throws InvalidInput If it is not JSON. */
    public static function decoded(string $text): mixed
    {
        try {
            return json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $failure) {
            throw InvalidInput::at('(document)', 'This is not JSON: '.$failure->getMessage().'.', $text, 'a JSON document');
        }
    }
}
