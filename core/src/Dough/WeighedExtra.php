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
}
