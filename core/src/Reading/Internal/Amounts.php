<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Measure\Rounding;
use StoneMill\Measure\Spread;
use StoneMill\Measure\VolumeUnit;
use StoneMill\Pantry\ByNames;
use StoneMill\Reading\Amount;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\Measures;

/** The amounts in a part of a text, and what is left of it without them. */
final readonly class Amounts
{
    /** How much more or less than a level one. Planning estimates. */
    private const HEAPS = ['heaped' => [1.2, 1.5, 1.8], 'heaping' => [1.2, 1.5, 1.8], 'rounded' => [1.1, 1.25, 1.5], 'generous' => [1.05, 1.15, 1.3], 'good' => [1.05, 1.15, 1.3], 'big' => [1.1, 1.3, 1.6], 'large' => [1.1, 1.3, 1.6], 'scant' => [0.85, 0.92, 0.98], 'small' => [0.6, 0.75, 0.9]];

    /** What is sold in one size, in g. A stick of butter as US dairies cut it; packets as bakers' suppliers fill them. */
    private const PACKS = ['stick' => 113.4, 'sachet' => 7.0, 'packet' => 7.0, 'envelope' => 7.0];

    /** @param list<Amount> $amounts the surest first */
    private function __construct(public array $amounts, public string $rest, public ?string $size)
    {
    }

    public static function in(string $part, Measures $measures, ByNames $names): self
    {
        [$text, $times] = self::multiplied(self::withoutOtherNumbers($part));
        // A handful of mint is one.
        $text = preg_replace('/^(?=(?:(?:small|big|large|good|generous)\s+)?(?:'.implode('|', $names->handWords()).')\b)/iu', 'a ', $text) ?? $text;
        // Case matters for one letter only, which the units say themselves.
        $pattern = '/(?<![\p{L}\d.,\/])(?<number>'.Numbers::pattern().')\s*(?<heap>(?:(?i:heaped|heaping|rounded|generous|good|scant|level|big|small|large|loosely|firmly|lightly|packed)\s+)*)(?:-\s*)?'.Units::pattern($names).'\.?(?![\p{L}\d])/u';
        $amounts = self::scanned($pattern, $text, $measures, $names);
        $rest = preg_replace($pattern, ' ', $text) ?? $text;
        [$rest, $counted, $size] = self::counted($rest, $amounts !== []);
        if ($counted !== null && $amounts !== [] && preg_match('/\b(?:tins?|cans?|jars?|bags?|packs?|cartons?|boxe?s?|pieces?)\b/iu', $rest) === 1) {
            $amounts = array_map(static fn (Amount $amount): Amount => $amount->times(Spread::exactly($counted->number->likely)), $amounts);
        } elseif ($counted !== null) {
            $amounts[] = $counted;
        }
        usort($amounts, static fn (Amount $one, Amount $other): int => $one->kind->value <=> $other->kind->value);

        return new self(array_map(static fn (Amount $amount): Amount => $amount->times(Spread::exactly($times)), $amounts), $rest, $size);
    }

    /** @return list<Amount> in the order of the text; what is joined by "plus" or "and" is one */
    private static function scanned(string $pattern, string $text, Measures $measures, ByNames $names): array
    {
        preg_match_all($pattern, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        $amounts = [];
        $until = null;
        foreach ($found as $match) {
            $words = array_map(static fn (array $group): string => $group[0], $match);
            $amount = self::heaped(Units::amount(Numbers::read($match['number'][0]), $words, $measures, $names, trim($match[0][0])), $match['heap'][0]);
            $between = $until === null ? null : substr($text, $until, $match[0][1] - $until);
            $sum = $between !== null && (preg_match('/^\s*(?:plus|\+|and|&)\s*$/iu', $between) === 1 || trim($between) === '' && preg_match('/(?:lbs?|pounds?)\.?\s*$/iu', end($amounts)->words) === 1) ? end($amounts)->plus($amount) ?? self::together(end($amounts), $amount) : null;
            if ($sum !== null) {
                array_pop($amounts);
            }
            $amounts[] = $sum ?? $amount;
            $until = $match[0][1] + strlen($match[0][0]);
        }

        return $amounts;
    }

    /** Volumes of two units add up in millilitres. */
    private static function together(Amount $one, Amount $other): ?Amount
    {
        if ($one->kind !== AmountKind::Volume || $other->kind !== AmountKind::Volume || $one->unit === null || $other->unit === null) {
            return null;
        }
        $inMillilitres = static fn (Amount $amount, VolumeUnit $unit): Amount => new Amount(AmountKind::Volume, $amount->number->times($unit->spread(null)), $amount->words, VolumeUnit::Millilitre, null, $amount->doubts);

        return $inMillilitres($one, $one->unit)->plus($inMillilitres($other, $other->unit));
    }

    private static function heaped(Amount $amount, string $heaps): Amount
    {
        foreach (self::HEAPS as $word => $times) {
            if (str_contains(mb_strtolower($heaps), $word)) {
                return $amount->times(Spread::of(...$times))->doubted(sprintf('%s was taken as %s of a level one.', ucfirst($word), Rounding::written($times[1], 2)));
            }
        }

        return $amount;
    }

    /** Temperatures, times and lengths are no amounts. */
    private static function withoutOtherNumbers(string $part): string
    {
        return preg_replace([
            '/\d+(?:\s*-\s*\d+)?\s*(?:°\s*[CF]?|º\s*[CF]?|degrees?(?:\s*[CF])?|(?<=\d)\s?[CF](?![\p{L}\d]))/u',
            '/\d+(?:\s*(?:-|to)\s*\d+)?\s*-?\s*(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|days?)\b/iu',
            '/\d+(?:[.,]\d+)?(?:\s*-\s*\d+)?\s*-?\s*(?:cm|mm|inch(?:es)?|in\b|")/iu',
            '/\d+(?:[.,]\d+)?\s*%\s*(?:fat|acid|acidity|hydration)/iu',
        ], ' ', $part) ?? $part;
    }

    /** @return array{string, float} the text without a factor in front, as in 2 x 400 g */
    private static function multiplied(string $text): array
    {
        if (preg_match('/(?<![\d.,\/])(\d+)\s*[x×]\s*(?=\d)/iu', $text, $match) === 1) {
            return [str_replace($match[0], '', $text), (float) $match[1]];
        }

        return [$text, 1.0];
    }

    /** @return array{string, Amount|null, string|null} the text without a number that counts things, that number, and their size */
    private static function counted(string $text, bool $isMeasured): array
    {
        // A little of something is no number of it.
        $text = preg_replace('/\b(?:just\s+)?an?\s+(?=(?:little|bit|touch|glug|good)\b)/iu', '', $text) ?? $text;
        $size = preg_match('/\b(small|medium|large)\b/iu', $text, $sized) === 1 ? mb_strtolower($sized[1]) : null;
        $digits = '(?<number>'.Numbers::pattern().')';
        $at = preg_match('/^\W*'.$digits.'(?=\s+\p{L}|\s*\()/iu', $text, $match) === 1
            || preg_match('/(?:[:\-,=]|\bof)\s*'.$digits.'(?=\s*$|\s+\p{L}+\s*$)/iu', $text, $match) === 1 && preg_match('/\d|[½¼¾⅓⅔]|\b(?:half|one|two|three|four)\b/iu', $match['number']) === 1
            || preg_match('/\s(?<number>\d+)\s*$/u', $text, $match) === 1;
        if (! $at || $isMeasured && preg_match('/\d/', $match['number']) !== 1) {
            return [$text, null, $size];
        }
        $rest = str_replace($match[0], ' ', $text);
        foreach (self::PACKS as $pack => $grams) {
            if (preg_match("/\b{$pack}s?\b/iu", $rest) === 1) {
                return [preg_replace("/\b{$pack}s?\b/iu", ' ', $rest) ?? $rest, (new Amount(AmountKind::Grams, Numbers::read($match['number'])->multipliedBy($grams), trim($match[0])." $pack"))
                    ->doubted(sprintf('A %s was taken as %s g.', $pack, Rounding::written($grams, 1))), $size];
            }
        }

        return [$rest, new Amount(AmountKind::Pieces, Numbers::read($match['number']), trim($match['number']), null, $size), $size];
    }
}
