<?php

declare(strict_types=1);

namespace StoneMill\Tests\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Fill;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Family;
use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\Tests\Bench;

/** Every row that ships, held against what is common knowledge of such things. */
final class ShippedIngredientsTest extends TestCase
{
    /** @return iterable<string, array{Ingredient}> */
    public static function all(): iterable
    {
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            yield $ingredient->id => [$ingredient];
        }
    }

    #[DataProvider('all')]
    public function test_its_parts_come_to_a_hundred_and_none_is_negative(Ingredient $ingredient): void
    {
        $parts = $ingredient->composition;
        self::assertGreaterThanOrEqual(0, min([0.0, ...array_values(get_object_vars($parts))]));
        $sum = $parts->waterGrams + $parts->proteinGrams + $parts->fatGrams + $parts->carbohydrateGrams + $parts->fibreGrams + $parts->ashGrams;
        self::assertGreaterThanOrEqual(97, $sum);
        self::assertLessThanOrEqual(103, $sum);
        self::assertLessThanOrEqual($parts->carbohydrateGrams + 0.5, $parts->sugarsGrams);
    }

    #[DataProvider('all')]
    public function test_a_fuller_spoon_is_heavier_and_every_measure_has_a_band(Ingredient $ingredient): void
    {
        $spooned = $ingredient->gramsIn(Spread::exactly(100), Fill::Spooned);
        $scooped = $ingredient->gramsIn(Spread::exactly(100), Fill::Scooped);
        $packed = $ingredient->gramsIn(Spread::exactly(100), Fill::Packed);
        self::assertLessThanOrEqual($scooped->likely, $spooned->likely);
        self::assertLessThanOrEqual($packed->likely, $scooped->likely);
        foreach ([$spooned, $scooped, $packed] as $grams) {
            self::assertLessThan($grams->likely, $grams->low);
            self::assertGreaterThan($grams->likely, $grams->high);
            // A food floats or sinks, but is neither foam nor metal.
            self::assertGreaterThan(10, $grams->likely);
            self::assertLessThan(160, $grams->likely);
        }
    }

    #[DataProvider('all')]
    public function test_it_says_what_it_does_and_from_where_we_know(Ingredient $ingredient): void
    {
        self::assertStringEndsWith('.', $ingredient->note);
        self::assertGreaterThan(8, strlen($ingredient->note));
        self::assertGreaterThan(10, strlen($ingredient->source));
        self::assertGreaterThan(0, $ingredient->mostPercent);
        self::assertGreaterThanOrEqual(0, $ingredient->freeWaterShare);
        self::assertLessThanOrEqual(1, $ingredient->freeWaterShare);
    }

    #[DataProvider('all')]
    public function test_only_what_takes_water_up_has_an_absorption_and_it_has_a_band(Ingredient $ingredient): void
    {
        foreach ([$ingredient->coldAbsorption, $ingredient->hotAbsorption] as $absorption) {
            if ($ingredient->role->takesWater()) {
                self::assertGreaterThan(0, $absorption->likely);
                self::assertGreaterThan(0, $absorption->deviation());
            } else {
                self::assertSame(0.0, $absorption->likely);
            }
        }
    }

    #[DataProvider('all')]
    public function test_starch_swells_between_fifty_and_ninety_degrees_and_what_swells_binds_more(Ingredient $ingredient): void
    {
        if ($ingredient->swelling === null) {
            self::assertEqualsWithDelta($ingredient->coldBinding, $ingredient->hotBinding, 0.05);

            return;
        }
        self::assertTrue($ingredient->role->isFlourBase());
        self::assertGreaterThanOrEqual(50, $ingredient->swelling->onsetCelsius);
        self::assertLessThanOrEqual(90, $ingredient->swelling->endCelsius);
        self::assertGreaterThan($ingredient->coldBinding, $ingredient->hotBinding);
        self::assertGreaterThan($ingredient->coldAbsorption->likely, $ingredient->hotAbsorption->likely);
    }

    public function test_everything_the_work_names_is_there(): void
    {
        $named = [
            'instant-masa-fine', 'instant-masa-coarse', 'precooked-corn', 'maize-fine', 'maize-stone-ground', 'dent-corn', 'calcium-hydroxide',
            'pearl-millet', 'finger-millet', 'foxtail-millet', 'sorghum', 'teff', 'rice-white', 'rice-brown', 'rice-glutinous', 'oat', 'amaranth',
            'buckwheat', 'quinoa', 'chickpea', 'lentil', 'cassava', 'tapioca-starch', 'potato-starch', 'corn-starch', 'almond-blanched', 'almond-whole',
            'coconut-flour', 'flax', 'sesame', 'sunflower-seed', 'hazelnut', 'peanut', 'banana', 'blend-plain', 'blend-gum', 'wheat', 'xanthan', 'guar',
            'psyllium-powder', 'psyllium-husk', 'chia', 'egg', 'egg-white', 'yoghurt', 'milk', 'fresh-cheese', 'potato-boiled', 'ghee', 'butter',
            'browned-butter', 'lard', 'sunflower-oil', 'olive-oil', 'sugar', 'salt', 'sea-salt-coarse', 'vinegar', 'lemon-juice', 'baking-powder',
            'yeast-instant', 'yeast-active', 'onion', 'carrot', 'leafy-greens', 'coconut-fresh', 'cumin', 'chilli',
        ];
        foreach ($named as $id) {
            self::assertTrue(Bench::reference()->catalogue->has($id), $id);
        }
    }

    public function test_allergens_follow_from_what_a_thing_is(): void
    {
        $carries = array_fill_keys(['milk', 'tree_nuts', 'peanut', 'sesame', 'soy', 'lupin'], []);
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            foreach ($ingredient->allergens as $allergen) {
                $carries[$allergen->value][] = $ingredient->id;
            }
            if ($ingredient->family === Family::Nut) {
                self::assertNotSame([], $ingredient->allergens, $ingredient->id);
            }
            if ($ingredient->role === Role::Egg) {
                self::assertContains('egg', array_column($ingredient->allergens, 'value'), $ingredient->id);
            }
        }
        self::assertEqualsCanonicalizing(['ghee', 'butter', 'browned-butter', 'yoghurt', 'milk', 'fresh-cheese', 'cheese-semi-hard', 'cheese-aged', 'cheese-stretching', 'cheese-brined', 'curd-cheese', 'cream-cheese', 'sour-cream'], $carries['milk']);
        self::assertEqualsCanonicalizing(['almond-blanched', 'almond-whole', 'hazelnut'], $carries['tree_nuts']);
        self::assertEqualsCanonicalizing(['peanut', 'peanut-oil', 'peanut-butter'], $carries['peanut']);
        self::assertEqualsCanonicalizing(['sesame', 'sesame-oil', 'sesame-whole', 'sesame-paste', 'chickpea-spread'], $carries['sesame']);
        self::assertEqualsCanonicalizing(['soy', 'tofu-firm'], $carries['soy']);
        self::assertSame(['lupin'], $carries['lupin']);
    }

    public function test_fats_are_fat_and_salts_are_salt(): void
    {
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            match ($ingredient->role) {
                // A fat tells where it smokes, between browning butter and the hottest oil of a kitchen.
                Role::Fat => self::assertTrue($ingredient->composition->fatGrams > 80 && $ingredient->smokeCelsius >= 140 && $ingredient->smokeCelsius <= 275, $ingredient->id),
                Role::Salt => self::assertGreaterThan(95, $ingredient->composition->saltGrams, $ingredient->id),
                Role::Starch => self::assertGreaterThan(80, $ingredient->composition->carbohydrateGrams, $ingredient->id),
                Role::Vegetable => self::assertLessThan(0.001, $ingredient->coldBinding, $ingredient->id),
                default => null,
            };
        }
    }
}
