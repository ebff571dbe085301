<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Exchange\Row;
use StoneMill\Measure\Spread;

/** Turns a row of core/data/ingredients.json into an ingredient. */
final class IngredientRows
{
    public static function read(Row $row): Ingredient
    {
        $swelling = $row->optionalRow('swelling_celsius');
        $densities = $row->row('bulk_density_g_per_ml');
        $absorption = $row->row('absorption_g_per_g');
        $binding = $row->row('binding_per_percent');

        return new Ingredient(
            id: $row->text('id'),
            name: $row->text('name'),
            role: $row->choice('role', Role::class),
            composition: self::composition($row->row('per_100_g')),
            bulkDensity: array_combine($densities->names(), array_map(static fn (string $state): Spread => Spread::of(...$densities->three($state)), $densities->names())),
            coldAbsorption: Spread::of(...$absorption->three('cold')),
            hotAbsorption: Spread::of(...$absorption->three('hot')),
            swelling: $swelling === null ? null : Swelling::between($swelling->number('onset'), $swelling->number('peak'), $swelling->number('end')),
            grain: $row->optionalChoice('grain', Grain::class),
            coldBinding: $binding->number('cold'),
            hotBinding: $binding->number('hot'),
            allergens: $row->choices('allergens', Allergen::class),
            gluten: $row->choice('gluten', GlutenNature::class),
            source: $row->text('source'),
            family: $row->choice('family', Family::class),
            note: $row->text('note'),
            freeWaterShare: $row->number('free_water_share'),
            mostPercent: $row->number('most_percent'),
            cautions: $row->texts('cautions'),
            sourceKind: $row->choice('source_kind', SourceKind::class),
            tint: $row->optionalText('tint'),
            smokeCelsius: $row->optionalNumber('smoke_celsius'),
        );
    }

    private static function composition(Row $row): Composition
    {
        return Composition::per100Grams([
            'water' => $row->number('water'), 'protein' => $row->number('protein'), 'fat' => $row->number('fat'), 'carbohydrate' => $row->number('carbohydrate'), 'fibre' => $row->number('fibre'),
            'ash' => $row->number('ash'), 'sugars' => $row->number('sugars'), 'salt' => $row->number('salt'), 'energy_kj' => $row->number('energy_kj'),
        ]);
    }
}
