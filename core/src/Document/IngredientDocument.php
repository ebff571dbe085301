<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Measure\Spread;
use StoneMill\Pantry\Allergen;
use StoneMill\Pantry\Composition;
use StoneMill\Pantry\Ingredient;

/** An ingredient as the larder shows it. */
final readonly class IngredientDocument
{
    public function __construct(private Ingredient $ingredient)
    {
    }

    /** @return array<string, mixed> the ingredient as the larder shows it */
    public function json(): array
    {
        $band = static fn (Spread $spread): array => [$spread->low, $spread->likely, $spread->high];

        return [
            'id' => $this->ingredient->id, 'name' => $this->ingredient->name, 'role' => $this->ingredient->role->value, 'family' => $this->ingredient->family->value, 'note' => $this->ingredient->note,
            'most_percent' => $this->ingredient->mostPercent,
            'allergens' => array_map(static fn (Allergen $allergen): string => $allergen->value, $this->ingredient->allergens),
            'gluten' => $this->ingredient->gluten->value, 'cautions' => $this->ingredient->cautions, 'source' => $this->ingredient->source, 'source_kind' => $this->ingredient->sourceKind->value,
            'per_100_g' => self::composition($this->ingredient->composition),
            'absorption_g_per_g' => ['cold' => $band($this->ingredient->coldAbsorption), 'hot' => $band($this->ingredient->hotAbsorption)],
            'binding_per_percent' => ['cold' => $this->ingredient->coldBinding, 'hot' => $this->ingredient->hotBinding],
            'swelling_celsius' => $this->ingredient->swelling === null ? null : [
                'onset' => $this->ingredient->swelling->onsetCelsius, 'peak' => $this->ingredient->swelling->peakCelsius, 'end' => $this->ingredient->swelling->endCelsius,
            ],
            'spoon_g_per_ml' => $this->ingredient->spoonDensity(),
            'smoke_celsius' => $this->ingredient->smokeCelsius,
        ];
    }

    /** @return array<string, float|null> of 100 g */
    private static function composition(Composition $of): array
    {
        return [
            'water_grams' => $of->waterGrams, 'protein_grams' => $of->proteinGrams, 'fat_grams' => $of->fatGrams,
            'carbohydrate_grams' => $of->carbohydrateGrams, 'fibre_grams' => $of->fibreGrams, 'ash_grams' => $of->ashGrams,
            'sugars_grams' => $of->sugarsGrams, 'salt_grams' => $of->saltGrams, 'energy_kj' => $of->energyKilojoules,
        ];
    }
}
