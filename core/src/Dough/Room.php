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

    /** Water in a gram of this flour as it lies in the bag: on the way from its catalogue row to what the room settles it at. */
    public function waterShare(Ingredient $ingredient): float
    {
        $row = $ingredient->composition->waterGrams / 100;
        if ($this->relativeHumidityPercent === null || $ingredient->grain === null) {
            return $row;
        }
        $settled = $ingredient->grain->equilibriumMoisturePercent($this->celsius, $this->relativeHumidityPercent) / 100;

        return $row + self::APPROACH_SHARE * ($settled - $row);
    }

    /** Flour as the catalogue means it in a gram of this flour: damp flour is less flour and more water. */
    public function flourShare(Ingredient $ingredient): float
    {
        $dry = 1 - $ingredient->composition->waterGrams / 100;

        // What is all water has no flour that a room could dampen.
        return $dry > 0 ? (1 - $this->waterShare($ingredient)) / $dry : 1.0;
    }

    /** Water per gram that this flour lacks against the catalogue's flour in it; below zero where the room has dampened it. */
    public function drynessShare(Ingredient $ingredient): float
    {
        return $this->flourShare($ingredient) * $ingredient->composition->waterGrams / 100 - $this->waterShare($ingredient);
    }
}
