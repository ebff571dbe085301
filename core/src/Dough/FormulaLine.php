<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Grind;
use StoneMill\Pantry\Ingredient;
use StoneMill\School\GoesIn;

/** One line of a formula: an ingredient by grams or by percent of the flour base, from a lot if it is known. */
final readonly class FormulaLine
{
    private function __construct(
        public Ingredient $ingredient,
        public ?Spread $grams,
        public ?float $percent,
        public ?string $lot,
        public Grind $grind,
        private ?GoesIn $goesIn = null,
    ) {
    }

    public static function grams(Ingredient $ingredient, Spread $grams, ?string $lot = null, Grind $grind = Grind::Shop): self
    {
        return new self($ingredient, $grams, null, $lot, $grind);
    }

    public function weighing(Spread $grams): self
    {
        return new self($this->ingredient, $grams, null, $this->lot, $this->grind, $this->goesIn);
    }

    /** The same, coming in as the cook says; null for as is usual. */
    public function goingIn(?GoesIn $way): self
    {
        return new self($this->ingredient, $this->grams, $this->percent, $this->lot, $this->grind, $way);
    }

    public function way(): GoesIn
    {
        return $this->goesIn ?? AddingOrder::usual($this->ingredient);
    }

    /** As the cook said; null where it is as usual. */
    public function ownWay(): ?GoesIn
    {
        return $this->goesIn;
    }

    public static function percent(Ingredient $ingredient, float $percent, ?string $lot = null, Grind $grind = Grind::Shop): self
    {
        return new self($ingredient, null, $percent, $lot, $grind);
    }
}
