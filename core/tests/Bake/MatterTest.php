<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\TestCase;
use StoneMill\Bake\Colour;
use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Pantry\Composition;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

/** What a dough is as heat and water meet it, how it colours, and how it is cut. */
final class MatterTest extends TestCase
{
    public function test_half_water_and_half_starch_by_hand(): void
    {
        $matter = Matter::of(self::mixture(water: 50, carbohydrate: 50), 0.0, null);
        self::assertEqualsWithDelta(1.0, $matter->waterPerDry, 1e-9);
        // Starch at 30 °C: 1599.1 − 0.31046 · 30 = 1589.8 kg/m³. One kg of it with one kg of water: 1 / 1589.8 + 1 / 995.7 m³.
        self::assertEqualsWithDelta(1589.8, $matter->solidKilogramPerCubicMetre, 0.1);
        self::assertEqualsWithDelta(1 / (1 / 1589.8 + 1 / 995.7), $matter->dryPerCubicMetre(), 0.1);
        // Its heat at 20 and 160 °C: 1548.8 + 1.9625 T − 0.0059399 T² = 1585.7 and 1710.7; the line between.
        self::assertEqualsWithDelta(1585.7, $matter->solidHeat[0] + 20 * $matter->solidHeat[1], 0.2);
        self::assertEqualsWithDelta(1710.7, $matter->solidHeat[0] + 160 * $matter->solidHeat[1], 0.2);
    }

    public function test_air_takes_room_and_no_weight(): void
    {
        $dense = Matter::of(self::mixture(water: 50, carbohydrate: 50), 0.0, null);
        $light = Matter::of(self::mixture(water: 50, carbohydrate: 50), 0.2, null);
        self::assertEqualsWithDelta(0.8 * $dense->dryPerCubicMetre(), $light->dryPerCubicMetre(), 1e-9);
    }

    public function test_a_square_metre_of_two_millimetres_weighs_about_two_kilograms(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $kilogram = (new LaidBread(Bench::matter($style->id), 2.0, 25.0))->kilogramPerSquareMetre();
            self::assertGreaterThan(1.7, $kilogram, $style->id);
            self::assertLessThan(2.7, $kilogram, $style->id);
        }
    }

    public function test_sugar_protein_and_fat_together_colour_soonest(): void
    {
        $rice = Matter::of(self::mixture(water: 50, carbohydrate: 46, protein: 4), 0.0, null);
        $sweet = Matter::of(self::mixture(water: 50, carbohydrate: 40, protein: 10, sugars: 6), 0.0, null);
        $rich = Matter::of(self::mixture(water: 30, carbohydrate: 20, protein: 20, fat: 30, sugars: 6), 0.0, null);
        self::assertLessThanOrEqual($sweet->readiness, $rice->readiness);
        self::assertLessThan($rich->readiness, $sweet->readiness);
        self::assertTrue($rich->isOily);
        self::assertFalse($sweet->isOily);
        self::assertGreaterThan(Bench::matter('rice-round')->readiness, Bench::matter('almond-wrap')->readiness);
    }

    public function test_a_dough_of_water_or_of_air_is_refused(): void
    {
        foreach ([[self::mixture(water: 99, carbohydrate: 1), 0.0], [self::mixture(water: 50, carbohydrate: 50), 0.9]] as [$mixture, $air]) {
            try {
                Matter::of($mixture, $air, null);
                self::fail('It was taken for a dough.');
            } catch (OutOfRange $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    public function test_the_published_rate_of_browning_by_hand(): void
    {
        // 150 °C and a = 0.2: (7.9233e6 + 13.6985e6) · exp(−(8701.5 + 247.4)/423.15) = 21.62e6 · 6.53e-10 = 0.0141 a minute.
        self::assertEqualsWithDelta(0.0141 / 60, Colour::rate(150, 0.2, 1.0), 2e-6);
        self::assertEqualsWithDelta(5 * Colour::rate(150, 0.2, 1.0), Colour::rate(150, 0.2, 5.0), 1e-12);
    }

    public function test_colour_comes_with_heat_and_goes_with_water(): void
    {
        for ($celsius = 110; $celsius < 230; $celsius += 10) {
            self::assertGreaterThan(1.2 * Colour::rate($celsius, 0.3, 1), Colour::rate($celsius + 10, 0.3, 1));
            self::assertGreaterThan(Colour::rate($celsius, 0.9, 1), Colour::rate($celsius, 0.2, 1));
        }
        // No colour to speak of under about 120 °C: a quarter of an hour there is less than a minute at 200 °C.
        self::assertLessThan(Colour::rate(200, 0.2, 1), 15 * Colour::rate(118, 0.2, 1));
    }

    public function test_shade_and_brownness_undo_each_other_and_golden_is_the_middle(): void
    {
        self::assertEqualsWithDelta(0.5, Colour::shade(Colour::brownness(Colour::GOLDEN_LIGHTNESS)), 1e-12);
        self::assertSame(0.0, Colour::shade(0.0));
        for ($shade = 0.02; $shade < 0.95; $shade += 0.05) {
            self::assertEqualsWithDelta($shade, Colour::shade(Colour::ofShade($shade)), 1e-12);
        }
    }

    public function test_layers_fill_the_bread_are_thinnest_at_its_faces_and_the_same_from_both(): void
    {
        $seeded = new Seeded(4);
        for ($case = 0; $case < 50; $case++) {
            $millimetres = $seeded->between(0.5, 30);
            $layers = Mesh::fitting($millimetres)->layersOf($millimetres / 1000);
            self::assertEqualsWithDelta($millimetres / 1000, array_sum($layers), 1e-12);
            self::assertEqualsWithDelta($layers[0], $layers[count($layers) - 1], 1e-12);
            self::assertEqualsWithDelta($layers[0], min(INF, ...$layers), 1e-12);
            for ($layer = 1; $layer < intdiv(count($layers), 2); $layer++) {
                self::assertGreaterThan($layers[$layer - 1], $layers[$layer]);
            }
        }
        self::assertSame(16, Mesh::fitting(2.0)->layers);
        self::assertGreaterThan(30, Mesh::fitting(15.0)->layers);
        self::assertSame(32, Mesh::fitting(2.0)->finer(2)->layers);
    }

    private static function mixture(float $water = 0, float $carbohydrate = 0, float $protein = 0, float $fat = 0, float $sugars = 0): Composition
    {
        return Composition::per100Grams([
            'water' => $water, 'protein' => $protein, 'fat' => $fat, 'carbohydrate' => $carbohydrate, 'fibre' => 0.0, 'ash' => 0.0,
            'sugars' => $sugars, 'salt' => 0.0, 'energy_kj' => 1000.0,
        ]);
    }
}
