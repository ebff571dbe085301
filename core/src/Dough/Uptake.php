<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Swelling;
use StoneMill\School\Fat;

/**
 * The water that one line takes up, as a function of how warm it gets only:
 *
 *   takes = m · ( f · (a_cold + (a_hot − a_cold) · S) + dryness ),   S = p + (1 − p) · swollen share in the bowl
 *
 * with m the grams, p the share of the flour cooked in the pot and f the product of the factors of texture, fat and
 * grind. A wet line brings the part of its water that the dough can have by the time it is shaped.
 */
final readonly class Uptake
{
    private function __construct(
        public WeighedLine $line,
        private ?Swelling $swelling,
        public float $cookedShare,
        private float $coldGrams,
        private float $swingGrams,
        private float $factor,
        private float $broughtShare,
    ) {
    }

    public static function of(WeighedLine $line, Conditions $conditions): self
    {
        $ingredient = $line->ingredient;
        $grams = $ingredient->role->takesWater() ? $line->grams : 0.0;
        $flour = $ingredient->role->isFlourBase();
        // Fat keeps water out of flour; gums and psyllium have taken theirs before it gets to them.
        $factor = $conditions->texture->waterFactor() * $line->grind->absorptionFactor() * ($flour ? $conditions->fatFactor : 1.0);

        return new self(
            $line,
            $ingredient->swelling,
            $flour ? $conditions->potShare : 0.0,
            $grams * ($factor * $ingredient->coldAbsorption->likely + $conditions->room->drynessShare($ingredient)),
            $grams * $factor * ($ingredient->hotAbsorption->likely - $ingredient->coldAbsorption->likely),
            $factor,
            $conditions->broughtShare($line),
        );
    }

    public function swollenShareAt(Warmth $warmth): float
    {
        return $this->cookedShare + (1 - $this->cookedShare) * ($this->swelling === null ? 0.0 : $warmth->swollen($this->swelling));
    }

    /** Grams of starch that swell in the bowl, and take heat for it; what was cooked in the pot has had its own. */
    public function starchSwollenBy(Warmth $warmth): float
    {
        if ($this->swelling === null) {
            return 0.0;
        }
        $composition = $this->line->ingredient->composition;

        return (1 - $this->cookedShare) * $this->line->grams * ($composition->carbohydrateGrams - $composition->sugarsGrams) / 100 * $warmth->swollen($this->swelling);
    }

    public function takesGramsAt(Warmth $warmth): float
    {
        return $this->coldGrams + $this->swingGrams * $this->swollenShareAt($warmth);
    }

    /** Water that a wet line brings with it; what takes water up brings none. */
    public function bringsGrams(): float
    {
        return $this->line->ingredient->role->takesWater() ? 0.0 : $this->ownWaterGrams() * $this->broughtShare;
    }

    public function ownWaterGrams(): float
    {
        return $this->line->grams * $this->line->ingredient->composition->waterGrams / 100;
    }

    /** Standard deviation of the water this line takes, from the band of its absorption. */
    public function absorptionDeviationGramsAt(Warmth $warmth): float
    {
        $line = $this->line;

        return $line->ingredient->role->takesWater() ? $line->grams * $this->absorptionAt($warmth)->deviation() * $line->grind->spreadFactor() : 0.0;
    }

    /** Standard deviation of the water this line takes or brings, from how it was measured. */
    public function measuringDeviationGramsAt(Warmth $warmth): float
    {
        $line = $this->line;

        return $line->deviationGrams * ($line->ingredient->role->takesWater()
            ? $this->absorptionAt($warmth)->likely
            : $line->ingredient->composition->waterGrams / 100 * $this->broughtShare);
    }

    private function absorptionAt(Warmth $warmth): Spread
    {
        $ingredient = $this->line->ingredient;

        return $ingredient->coldAbsorption
            ->towards($ingredient->hotAbsorption, $this->swollenShareAt($warmth))
            ->multipliedBy($this->factor);
    }
}
