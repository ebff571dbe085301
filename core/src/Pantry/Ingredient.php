<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Fill;
use StoneMill\Measure\Spread;

/** One thing that can go into a bowl, with everything the rules need to know of it. */
final readonly class Ingredient
{
    /**
     * @param array<string, Spread> $bulkDensity g/mL by fill
     * @param Spread $coldAbsorption g water per g at the press texture, starch not swollen; zero where it takes none
     * @param Spread $hotAbsorption the same with all its starch swollen
     * @param float $coldBinding points of the binding index per percent of flour base, starch not swollen
     * @param float $hotBinding the same with all its starch swollen
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        public string $name,
        public Role $role,
        public Composition $composition,
        public array $bulkDensity,
        public Spread $coldAbsorption,
        public Spread $hotAbsorption,
        public ?Swelling $swelling,
        public ?Grain $grain,
        public float $coldBinding,
        public float $hotBinding,
        public array $allergens,
        public GlutenNature $gluten,
        public string $source,
    ) {
    }

    /** Points of the binding index per percent of flour base, at a share of swollen starch. */
    public function bindingAtSwollen(float $swollenShare): float
    {
        return $this->coldBinding + ($this->hotBinding - $this->coldBinding) * $swollenShare;
    }

    /** Grams of a volume of it, always with the band of the hand that fills the cup. */
    public function gramsIn(float $millilitres, Fill $fill): Spread
    {
        return $this->bulkDensity[$fill->value]->multipliedBy($millilitres);
    }
}
