<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Grind;
use StoneMill\Pantry\Ingredient;

/** One line with the grams that go into the bowl, and how unsure the measuring leaves them. */
final readonly class WeighedLine
{
    public function __construct(
        public Ingredient $ingredient,
        public float $grams,
        public float $deviationGrams,
        public ?string $lot,
        public Grind $grind = Grind::Shop,
    ) {
    }
}
