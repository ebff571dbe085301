<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Spread;

/**
 * Turns a row of core/data/ingredients.json into an ingredient.
 *
 * @phpstan-type Band array{float, float, float}
 * @phpstan-type IngredientRow array{
 *   id: string, name: string, role: string, allergens: list<string>, gluten: string, source: string,
 *   per_100_g: array{water: float, protein: float, fat: float, carbohydrate: float, fibre: float, ash: float, sugars: float, salt: float, energy_kj: float},
 *   bulk_density_g_per_ml: array<string, Band>,
 *   absorption_g_per_g: array{cold: Band, hot: Band},
 *   swelling_celsius: array{onset: float, peak: float, end: float}|null,
 *   grain: string|null,
 *   binding_per_percent: array{cold: float, hot: float},
 *   family: string, note: string, free_water_share: float, most_percent: float, cautions: list<string>, source_kind: string, tint: string|null, smoke_celsius?: float
 * }
 */
final class IngredientRows
{
    /** @param IngredientRow $row */
    public static function read(array $row): Ingredient
    {
        $swelling = $row['swelling_celsius'];

        return new Ingredient(
            id: $row['id'],
            name: $row['name'],
            role: Role::from($row['role']),
            composition: Composition::per100Grams($row['per_100_g']),
            bulkDensity: array_map(self::band(...), $row['bulk_density_g_per_ml']),
            coldAbsorption: self::band($row['absorption_g_per_g']['cold']),
            hotAbsorption: self::band($row['absorption_g_per_g']['hot']),
            swelling: $swelling === null ? null : Swelling::between($swelling['onset'], $swelling['peak'], $swelling['end']),
            grain: $row['grain'] === null ? null : Grain::from($row['grain']),
            coldBinding: $row['binding_per_percent']['cold'],
            hotBinding: $row['binding_per_percent']['hot'],
            allergens: array_map(Allergen::from(...), $row['allergens']),
            gluten: GlutenNature::from($row['gluten']),
            source: $row['source'],
            family: Family::from($row['family']),
            note: $row['note'],
            freeWaterShare: (float) $row['free_water_share'],
            mostPercent: (float) $row['most_percent'],
            cautions: $row['cautions'],
            sourceKind: SourceKind::from($row['source_kind']),
            tint: $row['tint'],
            smokeCelsius: $row['smoke_celsius'] ?? null,
        );
    }

    /** @param Band $band */
    private static function band(array $band): Spread
    {
        return Spread::of($band[0], $band[1], $band[2]);
    }
}
