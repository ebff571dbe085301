<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Ingredient;
use StoneMill\School\ExtraPlace;

/** A line of a formula that is no part of the dough: dusting flour, a coating, a filling, fat for the faces. */
final readonly class Extra
{
    private function __construct(public Ingredient $ingredient, public ExtraPlace $place, private ?float $grams, private ?float $gramsEach, public ?string $lot, private float $times = 1.0)
    {
    }

    /** So much for the whole batch, in g. */
    public static function forBatch(Ingredient $ingredient, ExtraPlace $place, float $grams, ?string $lot = null): self
    {
        return new self($ingredient, $place, $grams, null, $lot);
    }

    /** So much for each piece, in g. */
    public static function forPiece(Ingredient $ingredient, ExtraPlace $place, float $gramsEach, ?string $lot = null): self
    {
        return new self($ingredient, $place, null, $gramsEach, $lot);
    }

    /** As much as is usual there, or so many times that. */
    public static function usual(Ingredient $ingredient, ExtraPlace $place, ?string $lot = null, float $times = 1.0): self
    {
        return new self($ingredient, $place, null, null, $lot, $times);
    }

    /** What it comes to for so many pieces of so many grams of dough. */
    public function weighed(int $pieces, float $pieceGrams): WeighedExtra
    {
        $each = $this->gramsEach ?? ($this->grams === null ? $this->times * $this->place->usualShare() * $pieceGrams : $this->grams / $pieces);

        return new WeighedExtra($this->ingredient, $this->place, $each, $pieces, $this->lot);
    }
}
