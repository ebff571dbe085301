<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Swelling;
use StoneMill\School\Fat;

/**
 * The water that one line takes up, as a function of how warm it gets only:
 *
 *   takes = m · ( q · f · (a_cold + (a_hot − a_cold) · S) + dryness ),   S = p + (1 − p) · swollen share in the bowl
 *
 * with m the grams, q the catalogue's flour in a gram of it, p the share of the flour cooked in the pot and f the product of the factors
 * of texture, fat and grind. Gums, psyllium and fibre would take m · a in plenty of water; in a dough they share what there is with the
 * flour and with one another, see bindersShare. A wet line brings the part of its water that the dough can have by the time it is shaped.
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
        // Fat keeps water out of flour; gums and psyllium have taken theirs before it gets to them, and feel the texture by the flour beside them.
        $factor = ($flour ? $conditions->texture->waterFactor() * $conditions->fatFactor * $conditions->room->flourShare($ingredient) : 1.0) * $line->grind->absorptionFactor();

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

    /** @param float $bindersShare of what gums and psyllium would take in plenty of water, that they get in this dough */
    public function takesGramsAt(Warmth $warmth, float $bindersShare): float
    {
        return $this->freeGramsAt($warmth) * ($this->isFlour() ? 1.0 : $bindersShare);
    }

    /**
     * Two that pull at the same water: what flour takes (W) and what binders would take alone (D). The binders get
     * D · W / (W + D): nearly all of it where there is much water for little gum, as in a batter, and far less in a stiff dough or
     * where many binders are together; never more than the flour takes. Planning estimate of that form.
     *
     * @param list<self> $uptakes
     */
    public static function bindersShare(array $uptakes, Warmth $warmth): float
    {
        $flour = 0.0;
        $binders = 0.0;
        foreach ($uptakes as $uptake) {
            $uptake->isFlour() ? $flour += $uptake->freeGramsAt($warmth) : $binders += $uptake->freeGramsAt($warmth);
        }

        // A gel of gum alone has all the water it asks for.
        return $flour <= 0 || $binders <= 0 ? 1.0 : $flour / ($flour + $binders);
    }

    private function freeGramsAt(Warmth $warmth): float
    {
        return $this->coldGrams + $this->swingGrams * $this->swollenShareAt($warmth);
    }

    private function isFlour(): bool
    {
        return $this->line->ingredient->role->isFlourBase();
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
    public function absorptionDeviationGramsAt(Warmth $warmth, float $bindersShare): float
    {
        $line = $this->line;

        return $line->ingredient->role->takesWater() ? $line->grams * $this->absorptionAt($warmth, $bindersShare)->deviation() * $line->grind->spreadFactor() : 0.0;
    }

    /** Standard deviation of the water this line takes or brings, from how it was measured. */
    public function measuringDeviationGramsAt(Warmth $warmth, float $bindersShare): float
    {
        $line = $this->line;

        return $line->deviationGrams * ($line->ingredient->role->takesWater()
            ? $this->absorptionAt($warmth, $bindersShare)->likely
            : $line->ingredient->composition->waterGrams / 100 * $this->broughtShare);
    }

    private function absorptionAt(Warmth $warmth, float $bindersShare): Spread
    {
        $ingredient = $this->line->ingredient;

        return $ingredient->coldAbsorption
            ->towards($ingredient->hotAbsorption, $this->swollenShareAt($warmth))
            ->multipliedBy($this->factor * ($this->isFlour() ? 1.0 : $bindersShare));
    }
}
