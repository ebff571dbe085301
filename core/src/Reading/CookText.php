<?php

declare(strict_types=1);

namespace StoneMill\Reading;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\Ingredient;
use StoneMill\Reading\Internal\LineReader;
use StoneMill\Reading\Internal\NameFinder;
use StoneMill\Reading\Internal\Parts;

/**
 * A formula as cooks write it: amounts in any unit and order, fractions, ranges, "or" and notes. Each part of the text says what it was taken
 * for and what is doubtful about it; what cannot be taken is asked about, and nothing is dropped. See docs/formats.md.
 */
final readonly class CookText
{
    public const MOST_LETTERS = 8000;

    /** Oil for the dough, and more of it for something else. */
    private const MORE_OF_IT = '/^(?<first>.*?\p{L}.*?),?\s*(?:\bplus|\band|\bwith|\+)\s+(?<more>(?:\S+\s+){0,3}?(?:more|extra|a\s+little|a\s+bit|some)\b.*)$/iu';

    private function __construct(private Parts $parts, private LineReader $reader)
    {
    }

    /** @param Measures $measures that the writer used, as far as is known */
    public static function in(Catalogue $catalogue, ByNames $names, Measures $measures): self
    {
        return new self(new Parts($names), new LineReader($catalogue, $names, new NameFinder($catalogue, $names), $measures));
    }

    /** @return list<ReadLine> in the order of the text */
    public function read(string $text): array
    {
        $lines = [];
        $under = null;
        foreach ($this->parts->of($text) as $part) {
            $split = preg_match(self::MORE_OF_IT, $part, $both) === 1;
            $line = $this->reader->read($split ? $both['first'] : $part, $under);
            $under = $line->kind === LineKind::Heading ? $line->place : $under;
            $lines[] = $line;
            if ($split && $line->ingredient !== null) {
                $lines[] = $this->reader->more($both['more'], $line->ingredient, $under);
            } elseif ($split) {
                $lines[count($lines) - 1] = $this->reader->read($part, $under);
            }
        }

        return $lines;
    }

    /** What such an amount of it weighs; null where nobody knows. */
    public function weight(Amount $amount, Ingredient $ingredient): ?Spread
    {
        return $this->reader->grams($amount, $ingredient);
    }
}
