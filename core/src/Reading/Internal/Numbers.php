<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Measure\Spread;

/** Numbers as cooks write them: 1, 1.5, 1,5, 1 1/2, 1½, half a, two, 1-2, 1 to 2. */
final readonly class Numbers
{
    private const SIGNS = ['½' => 1 / 2, '¼' => 1 / 4, '¾' => 3 / 4, '⅓' => 1 / 3, '⅔' => 2 / 3, '⅛' => 1 / 8, '⅜' => 3 / 8, '⅝' => 5 / 8, '⅞' => 7 / 8, '⅕' => 1 / 5];

    private const WORDS = [
        'one and a half' => 1.5, 'two and a half' => 2.5, 'three quarters of a' => 0.75, 'three-quarters of a' => 0.75, 'two thirds of a' => 2 / 3,
        'a quarter of a' => 0.25, 'a third of a' => 1 / 3, 'half of a' => 0.5, 'half an' => 0.5, 'half a' => 0.5, 'a half' => 0.5, 'a quarter' => 0.25, 'a dozen' => 12.0, 'half' => 0.5,
        'one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'seven' => 7.0, 'eight' => 8.0, 'nine' => 9.0, 'ten' => 10.0, 'twelve' => 12.0,
        'an' => 1.0, 'a' => 1.0,
    ];

    /** Several of them, however many that is. */
    private const VAGUE = ['a couple of' => [2.0, 2.0, 3.0], 'a few' => [2.0, 3.0, 5.0]];

    /** A pattern of one number, or of a range of them, without delimiters. */
    public static function pattern(): string
    {
        $digits = self::digits();
        $words = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), [...array_keys(self::VAGUE), ...array_keys(self::WORDS)]));

        return "(?:(?i:between\s+)?$digits(?:\s*(?:-|(?i:to|or)|(?i:and)(?=\s+$digits\s*\p{L}))\s*$digits)?(?:\s+(?i:of\s+)?(?i:an?)(?=\s))?|\b(?i:$words)\b)";
    }

    private static function digits(): string
    {
        $signs = implode('', array_keys(self::SIGNS));

        return "(?:\d+\s+(?i:and)\s+(?:\d+\/\d+|[$signs]|(?i:a\s+(?:half|third|quarter)|three\s+quarters))|\d+\s*-?\s*\d+\/\d+|\d+\/\d+|\d+\s*[$signs]|[$signs]|\d{1,3}(?:,\d{3})+(?!\d)|\d+[.,]\d+|\d+)";
    }

    /** What a match of the pattern says; low and high where it is a range. */
    public static function read(string $written): Spread
    {
        $written = trim(mb_strtolower($written));
        if (isset(self::VAGUE[$written])) {
            return Spread::of(...self::VAGUE[$written]);
        }
        if (isset(self::WORDS[$written])) {
            return Spread::exactly(self::WORDS[$written]);
        }
        preg_match_all('/'.self::digits().'/u', $written, $found);
        $numbers = array_map(self::one(...), $found[0]);
        $first = $numbers[0] ?? 0.0;
        $last = $numbers[1] ?? $first;

        return Spread::of(min($first, $last), ($first + $last) / 2, max($first, $last));
    }

    private static function one(string $written): float
    {
        $sum = 0.0;
        $written = strtr((string) preg_replace(['/\s+and\s+/', '/\ba\s+(?=half|third|quarter)/'], [' ', ''], $written), ['three quarters' => '¾', 'half' => '½', 'third' => '⅓', 'quarter' => '¼']);
        foreach (self::SIGNS as $sign => $share) {
            if (str_contains($written, $sign)) {
                $sum += $share;
                $written = trim(str_replace($sign, '', $written));
            }
        }
        if (preg_match('/^(?:(\d+)\s*-?\s+|(\d+)-)?(\d+)\/(\d+)$/u', $written, $parts) === 1) {
            return (float) $parts[1] + (float) $parts[2] + (float) $parts[3] / max(1.0, (float) $parts[4]);
        }
        // A comma before three digits parts thousands; before fewer it is the decimal one.
        $plain = preg_match('/^\d{1,3}(,\d{3})+$/', $written) === 1 ? str_replace(',', '', $written) : str_replace(',', '.', $written);

        return $sum + (float) $plain;
    }
}
