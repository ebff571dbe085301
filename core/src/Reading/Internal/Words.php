<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

/** A text as words to compare: small letters, no marks, one number. */
final readonly class Words
{
    /** @return list<string> */
    public static function of(string $text): array
    {
        preg_match_all("/\p{L}+(?:['’]\p{L}+)?/u", mb_strtolower(str_replace('-', ' ', $text)), $found);

        return array_map(self::stem(...), $found[0]);
    }

    /** One number of a word, so that an onion and onions are the same. No dictionary: both sides go through it. */
    public static function stem(string $word): string
    {
        $word = str_replace('’', "'", $word);
        $word = preg_replace("/'s?$/u", '', $word) ?? $word;

        return match (true) {
            mb_strlen($word) <= 3, str_ends_with($word, 'ss') => $word,
            str_ends_with($word, 'ies') => mb_substr($word, 0, -2),
            str_ends_with($word, 'oes') => mb_substr($word, 0, -2),
            str_ends_with($word, 's') => mb_substr($word, 0, -1),
            str_ends_with($word, 'y') => mb_substr($word, 0, -1).'i',
            default => $word,
        };
    }
}
