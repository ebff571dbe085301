<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Pantry\Role;

/** One line of the formula as the plan of a batch had it. */
final readonly class LineOfPlan
{
    /** @param float $bringsGrams of water that it carries into the dough */
    public function __construct(public string $ingredient, public string $name, public Role $role, public ?string $lot, public float $grams, public float $bringsGrams)
    {
    }

    /** Water that each gram of it brings along; none of a line so small that the scale does not show it. */
    public function broughtByGram(): float
    {
        return $this->grams > 0 ? $this->bringsGrams / $this->grams : 0.0;
    }
}
