<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

/** The breads of a kitchen, found by what a sheet calls them. */
final readonly class BreadNames
{
    /** @param array<string, string> $names by their identifiers */
    public function __construct(private array $names)
    {
    }

    /** @return array{string|null, list<string>} the bread, null where it is not clear, and those that may be meant, the likeliest first */
    public function find(string $said, Doubts $doubts): array
    {
        if (count($this->names) === 1) {
            // Whatever it is called, there is no other.
            return [array_key_first($this->names), []];
        }
        $words = Words::of($said);
        $shared = [];
        foreach ($this->names as $id => $name) {
            $own = Words::of($name);
            if ($own === $words && $words !== []) {
                return [$id, []];
            }
            $shared[$id] = count(array_intersect($own, $words)) / max(1, count(array_unique([...$own, ...$words])));
        }
        arsort($shared);
        $likely = array_keys(array_filter($shared, static fn (float $share): bool => $share > 0));
        $isClear = $likely !== [] && (! isset($likely[1]) || $shared[$likely[0]] > $shared[$likely[1]]);
        if ($isClear) {
            $doubts->say(sprintf('“%s” was taken for %s.', $said, $this->names[$likely[0]]));
        }

        return [$isClear ? $likely[0] : null, $likely === [] ? array_keys($this->names) : $likely];
    }
}
