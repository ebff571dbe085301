<?php

declare(strict_types=1);

namespace StoneMill\Exchange;

use JsonException;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Internal\JsonWalk;

/** JSON from outside, the same for every door. */
final class JsonText
{
    private const DEEPEST = 64;

    /** @throws InvalidInput If it is not JSON, which is said with its place, or a field stands in it twice: then nobody could say which was meant. */
    public static function decoded(string $text): mixed
    {
        try {
            $document = json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $failure) {
            $walk = JsonWalk::through($text);
            throw InvalidInput::at('(document)', sprintf('This is not JSON from %s on: %s.', $walk->place(), $failure->getMessage()), $text, $walk->wanted().' there');
        }
        $walk = JsonWalk::through($text);
        if ($walk->twice !== null) {
            throw InvalidInput::at('(document)', sprintf('A field stands twice, the second time in %s.', $walk->place()), $walk->twice, 'each field once');
        }

        return $document;
    }
}
