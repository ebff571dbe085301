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
     * @param Family $family what can stand in for what
     * @param string $note what it does in a dough, in a line
     * @param float $freeWaterShare part of a wet line's own water that a dough can have
     * @param float $mostPercent how much of the flour base it can be before the bread tastes or feels of little else
     * @param list<string> $cautions hazards that come with handling it
     * @param float|null $smokeCelsius where a fat begins to smoke; null for anything else
     * @param string|null $tint sRGB as #rrggbb of a cooked, unbrowned dough of it alone; null where it colours nothing
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
        public Family $family,
        public string $note,
        public float $freeWaterShare,
        public float $mostPercent,
        public array $cautions,
        public SourceKind $sourceKind,
        public ?string $tint,
        public ?float $smokeCelsius = null,
    ) {
    }

    /** Points of the binding index per percent of flour base, at a share of swollen starch. */
    public function bindingAtSwollen(float $swollenShare): float
    {
        return $this->coldBinding + ($this->hotBinding - $this->coldBinding) * $swollenShare;
    }

    /**
     * Another ingredient that behaves like this one but is made up as its own package says.
     *
     * @param list<Allergen> $allergens
     * @param float $wider by how much the borrowed absorption is less sure
     */
    public function borrowed(string $id, string $name, Composition $composition, array $allergens, float $wider): self
    {
        return new self(
            $id, $name, $this->role, $composition, $this->bulkDensity,
            $this->coldAbsorption->widenedBy($wider), $this->hotAbsorption->widenedBy($wider),
            $this->swelling, $this->grain, $this->coldBinding, $this->hotBinding, $allergens, $this->gluten,
            sprintf('Composition: the package. Absorption and binding: borrowed from %s.', lcfirst($this->name)),
            $this->family, $this->note, $this->freeWaterShare, $this->mostPercent, $this->cautions, SourceKind::OwnLabel, $this->tint, $this->smokeCelsius,
        );
    }

    /** @param list<Allergen> $allergens */
    public function carriesAnyOf(array $allergens): bool
    {
        return array_filter($this->allergens, static fn (Allergen $allergen): bool => in_array($allergen, $allergens, true)) !== [];
    }

    /** Whether it is eaten as it is, and not only what is made with it. */
    public function isEaten(): bool
    {
        return $this->role !== Role::Kernel && $this->role !== Role::Alkali;
    }

    /** As it is called in the middle of a sentence: without what is said of it after a comma. */
    public function inShort(): string
    {
        $name = explode(',', $this->name)[0];

        return mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** Typical density of it as it lies in a spoon, g/mL. */
    public function spoonDensity(): float
    {
        return $this->bulkDensity[Fill::Spooned->value]->likely;
    }

    /**
     * Grams of a volume of it, always with the band of the hand that fills the cup, and of the cup where nobody said which.
     *
     * @param Fill|null $fill null where nobody said: then between spooned and scooped, with a band over all three
     */
    public function gramsIn(Spread $millilitres, ?Fill $fill): Spread
    {
        $density = $fill === null ? $this->densityHoweverFilled() : $this->bulkDensity[$fill->value];

        return $density->times($millilitres);
    }

    private function densityHoweverFilled(): Spread
    {
        [$spooned, $scooped, $packed] = [$this->bulkDensity[Fill::Spooned->value], $this->bulkDensity[Fill::Scooped->value], $this->bulkDensity[Fill::Packed->value]];

        return Spread::of(min($spooned->low, $scooped->low), ($spooned->likely + $scooped->likely) / 2, max($packed->high, $scooped->high));
    }
}
