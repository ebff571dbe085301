<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedExtra;

/** What goes into a piece, into what one eater takes, and into the whole batch: the sheet by which portions are set out. */
final readonly class Helping
{
    /**
     * @param int $pieces of the batch
     * @param int $each pieces that one eater takes
     * @param float $doughGrams of a piece, raw
     * @param list<WeighedExtra> $extras beside the dough
     */
    public function __construct(private int $pieces, private int $each, private float $doughGrams, private array $extras)
    {
    }

    /** @return array{each: int, count: int, over: int, rows: list<array{name: string, words: string, piece_grams: float, serving_grams: float, batch_grams: float}>} */
    public function toArray(): array
    {
        $row = fn (string $name, string $words, float $grams): array => [
            'name' => $name,
            'words' => $words,
            'piece_grams' => round($grams, 1),
            'serving_grams' => round($this->each * $grams, 1),
            'batch_grams' => round($this->pieces * $grams, 1),
        ];

        return [
            'each' => $this->each,
            'count' => intdiv($this->pieces, $this->each),
            // Once everybody has their share.
            'over' => $this->pieces % $this->each,
            'rows' => [
                $row('Dough', 'raw', $this->doughGrams),
                ...array_map(static fn (WeighedExtra $extra): array => $row($extra->ingredient->name, $extra->place->inWords(), $extra->gramsEach), $this->extras),
            ],
        ];
    }
}
