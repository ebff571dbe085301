<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

/** What the batches still to be weighed lack: of each ingredient all that they take, beside all that is on the shelf. */
final readonly class Shopping
{
    /** Less than this in grams nobody goes to buy. */
    private const LEAST_GRAMS = 1.0;

    /**
     * @param list<array{ingredient: string, name: string, grams: float}> $needs line by line, of every batch
     * @param array<string, float|null> $left grams on the shelf by ingredient; null where a bag is there of which nobody said how much it holds
     */
    public function __construct(private array $needs, private array $left)
    {
    }

    /**
     * Of what no bag was ever kept, and of bags that nobody weighed, nothing can be said.
     *
     * @return list<array{ingredient: string, name: string, needs_grams: float, left_grams: float, lacks_grams: float}> what there is most to buy of first
     */
    public function lacks(): array
    {
        $needs = $names = [];
        foreach ($this->needs as ['ingredient' => $ingredient, 'name' => $name, 'grams' => $grams]) {
            $needs[$ingredient] = ($needs[$ingredient] ?? 0.0) + $grams;
            $names[$ingredient] = $name;
        }
        $lacks = [];
        foreach ($needs as $ingredient => $grams) {
            $left = $this->left[$ingredient] ?? null;
            if ($left !== null && $grams - $left >= self::LEAST_GRAMS) {
                $lacks[] = ['ingredient' => $ingredient, 'name' => $names[$ingredient], 'needs_grams' => round($grams, 1), 'left_grams' => round($left, 1), 'lacks_grams' => round($grams - $left, 1)];
            }
        }
        usort($lacks, static fn (array $one, array $other): int => $other['lacks_grams'] <=> $one['lacks_grams']);

        return $lacks;
    }
}
