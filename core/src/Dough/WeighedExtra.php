<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Ingredient;
use StoneMill\School\ExtraPlace;

/** A line beside the dough with its grams for each piece of a batch. */
final readonly class WeighedExtra
{
    public function __construct(public Ingredient $ingredient, public ExtraPlace $place, public float $gramsEach, private int $pieces, public ?string $lot)
    {
    }

    /** What the whole batch is to have ready, in g. */
    public function grams(): float
    {
        return $this->gramsEach * $this->pieces;
    }

    /** Of a piece's share, what is eaten with it, in g. */
    public function eatenEach(): Spread
    {
        return $this->place->eatenShare()->multipliedBy($this->gramsEach);
    }

    /** All of it as a line like those of the dough. */
    public function line(): WeighedLine
    {
        return new WeighedLine($this->ingredient, $this->grams(), 0.0, $this->lot);
    }

    /** @return array{ingredient: string, name: string, place: string, words: string, stage: string, grams: float, grams_each: float, eaten_each: array{low: float, value: float, high: float}, lot: string|null} */
    public function toArray(): array
    {
        $eaten = $this->eatenEach();

        return [
            'ingredient' => $this->ingredient->id,
            'name' => $this->ingredient->name,
            'place' => $this->place->value,
            'words' => $this->place->inWords(),
            'stage' => $this->place->stage()->value,
            'grams' => round($this->grams(), 1),
            'grams_each' => round($this->gramsEach, 2),
            'eaten_each' => ['low' => round($eaten->low, 2), 'value' => round($eaten->likely, 2), 'high' => round($eaten->high, 2)],
            'lot' => $this->lot,
        ];
    }
}
