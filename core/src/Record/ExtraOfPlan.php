<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\ExtraPlace;

/** Something that the plan of a batch has beside its dough: where it goes, and how much of it for each piece. */
final readonly class ExtraOfPlan
{
    public function __construct(public string $ingredient, public string $name, public ExtraPlace $place, public float $gramsEach, public ?string $lot)
    {
    }
}
