<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Pantry\Composition;
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

    /**
     * The composition of what is in the bowl.
     *
     * @param list<self> $lines
     *
     * @throws OutOfRange If the lines weigh nothing.
     */
    public static function mixed(array $lines): Composition
    {
        return Composition::mixed(array_map(
            static fn (self $line): array => ['composition' => $line->ingredient->composition, 'grams' => $line->grams],
            $lines,
        ));
    }
}
