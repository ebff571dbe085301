<?php

declare(strict_types=1);

namespace StoneMill\Tests\Pantry;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Fill;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Composition;
use StoneMill\Pantry\Exception\UnknownIngredient;
use StoneMill\Pantry\GlutenNature;
use StoneMill\Pantry\Grain;
use StoneMill\Pantry\Swelling;
use StoneMill\Tests\Bench;

final class CatalogueTest extends TestCase
{
    public function test_every_row_adds_up_and_its_energy_follows_from_its_parts(): void
    {
        $all = Bench::reference()->catalogue->all();
        self::assertGreaterThanOrEqual(16, count($all));
        foreach ($all as $ingredient) {
            // Reading a row already refuses proximates outside 97–103 g.
            $factor = $ingredient->composition->factorEnergyKilojoules();
            $stated = $ingredient->composition->energyKilojoules;
            self::assertEqualsWithDelta($stated, $factor, max(1.0, 0.08 * $stated), $ingredient->id);
        }
    }

    public function test_hot_starch_never_takes_less_water_nor_binds_less(): void
    {
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            self::assertGreaterThanOrEqual($ingredient->coldAbsorption->likely, $ingredient->hotAbsorption->likely, $ingredient->id);
            self::assertGreaterThanOrEqual($ingredient->coldBinding, $ingredient->hotBinding, $ingredient->id);
        }
    }

    public function test_a_packed_cup_holds_more_than_a_spooned_one_and_both_carry_a_band(): void
    {
        $rice = Bench::reference()->catalogue->ingredient('rice-white');
        $spooned = $rice->gramsIn(Spread::exactly(250), Fill::Spooned);
        $packed = $rice->gramsIn(Spread::exactly(250), Fill::Packed);
        self::assertGreaterThan($spooned->likely, $packed->likely);
        self::assertLessThan($spooned->likely, $spooned->low);
    }

    public function test_only_wheat_contains_wheat_and_only_oats_need_a_certificate(): void
    {
        $by = [];
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            $by[$ingredient->gluten->value][] = $ingredient->id;
        }
        self::assertSame(['wheat'], $by[GlutenNature::ContainsWheat->value] ?? []);
        self::assertSame(['oat'], $by[GlutenNature::NeedsCertification->value] ?? []);
    }

    public function test_an_unknown_name_is_refused_and_its_neighbours_are_offered(): void
    {
        self::assertContains('rice-white', Bench::reference()->catalogue->namesLike('rice-wihte'));
        $this->expectException(UnknownIngredient::class);
        Bench::reference()->catalogue->ingredient('rice-wihte');
    }

    public function test_swelling_rises_from_nothing_at_onset_to_all_at_end(): void
    {
        $swelling = Swelling::between(64, 72, 86);
        $before = -1.0;
        for ($celsius = 20.0; $celsius <= 120; $celsius += 0.5) {
            $share = $swelling->shareAt($celsius);
            self::assertGreaterThanOrEqual($before, $share);
            $before = $share;
        }
        self::assertSame(0.0, $swelling->shareAt(50));
        self::assertSame(1.0, $swelling->shareAt(100));
    }

    public function test_water_at_forty_degrees_has_its_published_heat_and_density(): void
    {
        $water = Bench::reference()->catalogue->ingredient('water')->composition;
        self::assertEqualsWithDelta(4.18, $water->specificHeatAt(40), 0.01);
        self::assertEqualsWithDelta(0.992, $water->densityAt(40), 0.003);
    }

    public function test_a_mixture_weighs_its_parts(): void
    {
        $catalogue = Bench::reference()->catalogue;
        $mix = Composition::mixed([
            ['composition' => $catalogue->ingredient('instant-masa-fine')->composition, 'grams' => 250.0],
            ['composition' => $catalogue->ingredient('water')->composition, 'grams' => 320.0],
        ]);
        // (250 · 9.0 % + 320) / 570 = 60.1 % water.
        self::assertEqualsWithDelta(100 * (250 * 0.09 + 320) / 570, $mix->waterGrams, 1e-9);
    }

    public function test_equilibrium_moisture_meets_worked_values_and_rises_with_the_room(): void
    {
        // Corn, 25 °C, 60 %: ln(0.4)/(−8.6541e-5 · 74.81) = 141.53; ^(1/1.8634) = 14.28 % dry = 12.49 % wet.
        self::assertEqualsWithDelta(12.49, Grain::Corn->equilibriumMoisturePercent(25, 60), 0.02);
        foreach (Grain::cases() as $grain) {
            self::assertGreaterThan($grain->equilibriumMoisturePercent(25, 40), $grain->equilibriumMoisturePercent(25, 70));
            self::assertLessThan($grain->equilibriumMoisturePercent(15, 60), $grain->equilibriumMoisturePercent(35, 60));
        }
    }
}
