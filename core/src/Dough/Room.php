<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Ingredient;

/** The room that a dough is mixed in, and how it has dried or dampened the flour. */
final readonly class Room
{
    /** An opened bag is on the way to the room's moisture rather than there. Planning estimate. */
    private const APPROACH_SHARE = 0.5;

    /** @param float|null $relativeHumidityPercent null where nobody has looked: the flour is then as its catalogue row */
    public function __construct(public float $celsius, public ?float $relativeHumidityPercent)
    {
    }

    /** Water per gram that this flour lacks against its catalogue row; below zero where the room has dampened it. */
    public function drynessShare(Ingredient $ingredient): float
    {
        if ($this->relativeHumidityPercent === null || $ingredient->grain === null) {
            return 0.0;
        }
        $settled = $ingredient->grain->equilibriumMoisturePercent($this->celsius, $this->relativeHumidityPercent);

        return self::APPROACH_SHARE * ($ingredient->composition->waterGrams - $settled) / 100;
    }
}
