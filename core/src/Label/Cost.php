<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedLine;
use StoneMill\Pantry\LotFacts;
use StoneMill\Pantry\Role;

/** What a batch costs by the prices of its bags, and which lines have no price. */
final readonly class Cost
{
    /**
     * @param array<string, float> $byLine money by name of the line
     * @param list<string> $unpriced names of lines without a price
     */
    private function __construct(public array $byLine, public array $unpriced)
    {
    }

    /**
     * @param list<WeighedLine> $lines
     * @param array<string, LotFacts> $lots
     */
    public static function of(array $lines, array $lots): self
    {
        $byLine = [];
        $unpriced = [];
        foreach ($lines as $line) {
            $price = $line->lot === null ? null : ($lots[$line->lot] ?? null)?->pricePerKilogram;
            if ($price !== null) {
                $byLine[$line->ingredient->name] = ($byLine[$line->ingredient->name] ?? 0.0) + $price * $line->grams / 1000;
            } elseif ($line->ingredient->role !== Role::Water) {
                $unpriced[] = $line->ingredient->name;
            }
        }

        return new self($byLine, array_values(array_unique($unpriced)));
    }
}
