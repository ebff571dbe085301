<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;

/** Finds which ingredients a text names: the longest name that stands in it, word by word. */
final class NameFinder
{
    /** A word this long may have one letter wrong, and one twice as long two. */
    private const FORGIVING_FROM = 5;

    /** @var array<string, non-empty-list<string>> ids by the words of a name, joined by spaces */
    private array $meanings = [];

    /** @var array<string, true> every word that is part of a name */
    private array $words = [];

    private int $longest = 1;

    public function __construct(Catalogue $catalogue, ByNames $names)
    {
        foreach ($names->meanings() as $name => $ids) {
            $known = array_values(array_filter($ids, $catalogue->has(...)));
            if ($known !== []) {
                $this->put($name, $known);
            }
        }
        foreach ($catalogue->all() as $ingredient) {
            $this->put($ingredient->name, [$ingredient->id]);
        }
    }

    /** @param non-empty-list<string> $ids */
    private function put(string $name, array $ids): void
    {
        $words = Words::of($name);
        if ($words === []) {
            return;
        }
        // What is said expressly comes before what a name happens to share; own ingredients come last and are asked for by their whole name.
        $this->meanings[implode(' ', $words)] ??= $ids;
        $this->longest = max($this->longest, count($words));
        foreach ($words as $word) {
            $this->words[$word] = true;
        }
    }

    public function isOfAName(string $word): bool
    {
        return isset($this->words[$word]);
    }

    /**
     * Every name in these words, none inside another, in the order of the text.
     *
     * @param list<string> $words as Words gives them
     * @return list<FoundName>
     */
    public function names(array $words): array
    {
        $found = [];
        for ($from = 0; $from < count($words); $from++) {
            $name = $this->nameAt($words, $from);
            if ($name !== null) {
                $found[] = $name;
                $from = $name->until() - 1;
            }
        }

        // A word for many things may be what is left of a mistyped name for one.
        $isVague = count($found) === 1 && count($found[0]->meanings) > 1 && $found[0]->length < count($words);

        $closer = $found === [] || $isVague ? $this->mistyped($words, ($found[0]->length ?? 0) + 1) : [];

        return $closer === [] ? $found : $closer;
    }

    /** @param list<string> $words */
    private function nameAt(array $words, int $from): ?FoundName
    {
        for ($length = min($this->longest, count($words) - $from); $length > 0; $length--) {
            $meanings = $this->meanings[implode(' ', array_slice($words, $from, $length))] ?? null;
            if ($meanings !== null) {
                return new FoundName($meanings, $from, $length);
            }
        }

        return null;
    }

    /**
     * A name of as many words with a letter or two wrong; the likeliest, and never taken for sure.
     *
     * @param list<string> $words
     * @param int $least words that the name has
     * @return list<FoundName>
     */
    private function mistyped(array $words, int $least): array
    {
        $best = null;
        $fewest = PHP_INT_MAX;
        foreach ($this->meanings as $name => $meanings) {
            $length = substr_count($name, ' ') + 1;
            if ($length < $least) {
                continue;
            }
            $allowed = min(2, intdiv(strlen($name), self::FORGIVING_FROM));
            for ($from = 0; $from + $length <= count($words); $from++) {
                $off = levenshtein(implode(' ', array_slice($words, $from, $length)), $name);
                if ($off <= $allowed && $off < $fewest) {
                    [$fewest, $best] = [$off, new FoundName($meanings, $from, $length, false)];
                }
            }
        }

        return $best === null ? [] : [$best];
    }

    /**
     * Ingredients whose names share most with these words, for a cook to choose from.
     *
     * @param list<string> $words
     * @return list<string> ids, at most five
     */
    public function like(array $words): array
    {
        $score = [];
        foreach ($this->meanings as $name => $meanings) {
            $shared = count(array_intersect(explode(' ', $name), $words));
            if ($shared > 0) {
                foreach ($meanings as $id) {
                    $score[$id] = max($score[$id] ?? 0, $shared / (substr_count($name, ' ') + 1) + $shared);
                }
            }
        }
        arsort($score);

        return array_slice(array_keys($score), 0, 5);
    }
}
