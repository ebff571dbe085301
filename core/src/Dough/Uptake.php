<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Swelling;

/**
 * The water that one line takes up, as a function of the mix temperature only:
 *
 *   takes(T) = m · ( f · (a_cold + (a_hot − a_cold) · S(T)) + dryness ),   S = p + (1 − p) · swollen share at T
 *
 * with m the grams, f the texture's factor and p the share of the flour cooked in the pot.
 */
final readonly class Uptake
{
    private function __construct(
        public WeighedLine $line,
        private ?Swelling $swelling,
        public float $cookedShare,
        private float $coldGrams,
        private float $swingGrams,
        private float $textureFactor,
    ) {
    }

    /** @param float $potShare share of the flour whose starch has swollen in the pot, whatever the mix temperature */
    public static function of(WeighedLine $line, Texture $texture, float $potShare, Room $room): self
    {
        $ingredient = $line->ingredient;
        $grams = $ingredient->role->takesWater() ? $line->grams : 0.0;
        $factor = $texture->waterFactor();

        return new self(
            $line,
            $ingredient->swelling,
            $ingredient->role->isFlourBase() ? $potShare : 0.0,
            $grams * ($factor * $ingredient->coldAbsorption->likely + $room->drynessShare($ingredient)),
            $grams * $factor * ($ingredient->hotAbsorption->likely - $ingredient->coldAbsorption->likely),
            $factor,
        );
    }

    public function swollenShareAt(float $celsius): float
    {
        return $this->cookedShare + (1 - $this->cookedShare) * ($this->swelling?->shareAt($celsius) ?? 0.0);
    }

    public function takesGramsAt(float $celsius): float
    {
        return $this->coldGrams + $this->swingGrams * $this->swollenShareAt($celsius);
    }

    /** Water that a wet line brings with it; what takes water up brings none. */
    public function bringsGrams(): float
    {
        return $this->line->ingredient->role->takesWater() ? 0.0 : $this->ownWaterGrams();
    }

    public function ownWaterGrams(): float
    {
        return $this->line->grams * $this->line->ingredient->composition->waterGrams / 100;
    }

    /** Standard deviation of the water this line takes or brings, from the catalogue's band and the measuring. */
    public function deviationGramsAt(float $celsius): float
    {
        $line = $this->line;
        if (! $line->ingredient->role->takesWater()) {
            return $line->deviationGrams * $line->ingredient->composition->waterGrams / 100;
        }
        $taken = $this->absorptionAt($celsius);

        return hypot($line->grams * $taken->deviation(), $line->deviationGrams * $taken->likely);
    }

    private function absorptionAt(float $celsius): Spread
    {
        $ingredient = $this->line->ingredient;

        return $ingredient->coldAbsorption
            ->towards($ingredient->hotAbsorption, $this->swollenShareAt($celsius))
            ->multipliedBy($this->textureFactor);
    }
}
