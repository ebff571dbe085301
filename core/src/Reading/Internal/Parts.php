<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Pantry\ByNames;

/** A text as the parts that each speak of one thing: its lines, and what stands in one line between commas with an amount of its own. */
final readonly class Parts
{
    private string $amount;

    public function __construct(ByNames $names)
    {
        $this->amount = '(?:(?:about|around|approx\.?|a\s+(?:good|generous|scant|heaped|big|small)\s+|~)\s*)?'.Numbers::pattern().'\s*(?:(?:heaped|heaping|rounded|generous|scant|level|packed|big|small|large)\s+)*(?:-\s*)?'.Units::pattern($names).'(?![\p{L}])';
    }

    /** @return list<string> none of them empty, in the order of the text; nothing of it is missing but marks between them */
    public function of(string $text): array
    {
        $parts = [];
        foreach (preg_split('/\R|;/u', $text) ?: [] as $line) {
            $line = $this->bare($line);
            foreach ($line === '' ? [] : $this->ofEach($line) ?? $this->split($line) as $part) {
                $parts[] = $part;
            }
        }

        return $parts;
    }

    /** Without what marks it as an item of a list. */
    private function bare(string $line): string
    {
        $line = str_replace(["\u{00A0}", "\u{2009}", "\u{202F}", "\u{2044}", '–', '—', '−'], [' ', ' ', ' ', '/', '-', '-', '-'], $line);
        $line = preg_replace('/^\s*(?:[-*•·▢☐◦‣]\s*|\[[ xX]?\]\s*)+/u', '', $line) ?? $line;

        // A step's number, which no amount is.
        return trim(preg_replace('/^\s*(?:step\s+)?\d{1,2}[.)]\s+(?=\p{Lu}?\p{L})/u', '', $line) ?? $line);
    }

    /** @return list<string>|null "60 g each of this and that" as two that both say how much; null where it is no such line */
    private function ofEach(string $line): ?array
    {
        if (preg_match('/^(?<amount>'.$this->amount.'\s*each\b(?:\s+of\b)?:?)\s+(?<things>\p{L}.*)$/iu', $line, $found) !== 1) {
            return null;
        }
        $things = array_values(array_filter(
            array_map(trim(...), preg_split('/(?:,\s*and\s|,\s|\sand\s|\s&\s|\splus\s)(?!(?:\S+\s+)?(?:more|extra|some|a\s+(?:little|bit))\b)(?![^(]*\))/u', $found['things']) ?: []),
            static fn (string $thing): bool => $thing !== '',
        ));

        return count($things) < 2 ? null : array_map(static fn (string $thing): string => $found['amount'].' '.$thing, $things);
    }

    /** @return list<string> */
    private function split(string $line): array
    {
        if (mb_strlen($line) > 400 || LineReader::isInstruction($line)) {
            return [$line];
        }
        $hand = '/^\s*'.$this->amount.'/u';
        $parts = [''];
        $depth = 0;
        // "and" parts two things where a number follows, a comma also where one does not.
        foreach (preg_split('/((?<!\d),|,(?!\d)|\s(?:and|&|plus)\s+(?!an?\s+(?:half|third|quarter)\b)(?=[\d½¼¾⅓⅔⅛]|an?\s)|[()])/u', $line, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            $depth += ($piece === '(' ? 1 : 0) - ($piece === ')' ? 1 : 0);
            $isMark = preg_match('/^(?:,|\s(?:and|&|plus)\s+)$/u', $piece) === 1;
            if ($isMark && $depth === 0) {
                $parts[] = $piece;

                continue;
            }
            $parts[count($parts) - 1] .= $piece;
        }

        return $this->joined($parts, $hand);
    }

    /**
     * Only what begins with an amount, after something that has both an amount and words, is a thing of its own.
     *
     * @param list<string> $parts each after the first with its mark in front
     * @return list<string>
     */
    private function joined(array $parts, string $amount): array
    {
        $whole = [];
        foreach ($parts as $part) {
            $words = preg_replace('/^(?:,|\s(?:and|&|plus)\s+)/u', '', $part) ?? $part;
            $last = count($whole) - 1;
            $isPlus = preg_match('/^\s(?:plus|&)\s/u', $part) === 1 || preg_match('/\bbetween\s+\S+$/iu', $whole[$last] ?? '') === 1 || preg_match('/\b(?:more|extra)\b/iu', $words) === 1;
            $begins = preg_match('/^\s*\d+(?:[.,]\d+)?\s*%\s*(?:fat|acid)/iu', $words) !== 1 && preg_match($amount, $words) === 1 || preg_match('/^\s*\d+\s+\p{L}/u', $words) === 1;
            if ($last >= 0 && ! $isPlus && $begins && $this->says($words) && $this->says($whole[$last])) {
                $whole[] = trim($words);
            } elseif ($last < 0) {
                $whole[] = $part;
            } else {
                $whole[$last] .= $part;
            }
        }

        return array_values(array_filter(array_map(trim(...), $whole), static fn (string $one): bool => $one !== ''));
    }

    /** Whether there are words in it besides its amounts. */
    private function says(string $part): bool
    {
        return preg_match('/\p{L}{3,}/u', preg_replace('/'.$this->amount.'/u', ' ', $part) ?? '') === 1;
    }
}
