<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Dough\WeighedExtra;
use StoneMill\Label\Helping;

/** The sheet by which portions are set out. */
final readonly class HelpingPart
{
    public function __construct(private Helping $helping)
    {
    }

    /** @return array{each: int, count: int, over: int, rows: list<array{name: string, words: string, piece_grams: float, serving_grams: float, batch_grams: float}>} */
    public function json(): array
    {
        $row = fn (string $name, string $words, float $grams): array => [
            'name' => $name,
            'words' => $words,
            'piece_grams' => round($grams, 1),
            'serving_grams' => round($this->helping->each * $grams, 1),
            'batch_grams' => round($this->helping->pieces * $grams, 1),
        ];

        return [
            'each' => $this->helping->each,
            'count' => intdiv($this->helping->pieces, $this->helping->each),
            // Once everybody has their share.
            'over' => $this->helping->pieces % $this->helping->each,
            'rows' => [
                $row('Dough', 'raw', $this->helping->doughGrams),
                ...array_map(static fn (WeighedExtra $extra): array => $row($extra->ingredient->name, $extra->place->inWords(), $extra->gramsEach), $this->helping->extras),
            ],
        ];
    }
}
