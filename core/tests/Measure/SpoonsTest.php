<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Measure\Cup;
use StoneMill\Measure\KitchenMeasure;
use StoneMill\Measure\Spoons;
use StoneMill\Measure\SpoonSet;
use StoneMill\Measure\VolumeUnit;
use StoneMill\Tests\Bench;

/** Amounts for hands without a scale, in the cups and spoons of the kitchen. */
final class SpoonsTest extends TestCase
{
    /** Of water in a metric cup of 250 mL. */
    #[TestWith([83.0, '⅓ cup'])]
    #[TestWith([167.0, '⅔ cup'])]
    #[TestWith([190.0, '¾ cup'])]
    #[TestWith([248.0, '1 cup'])]
    #[TestWith([333.0, '1⅓ cups'])]
    #[TestWith([500.0, '2 cups'])]
    #[TestWith([62.5, '¼ cup'])]
    public function test_a_cup_is_told_to_the_nearest_quarter_or_third(float $grams, string $said): void
    {
        self::assertSame($said, Spoons::orCups($grams, 1.0, Cup::Metric));
    }

    /** mL, cup, spoons: cups from a quarter on, tablespoons from one on, teaspoons below. */
    #[TestWith([509.0, Cup::Metric, SpoonSet::Metric, 2.0, VolumeUnit::Cup])]
    #[TestWith([473.2, Cup::Us, SpoonSet::Us, 2.0, VolumeUnit::Cup])]
    #[TestWith([248.0, Cup::Metric, SpoonSet::Metric, 1.0, VolumeUnit::Cup])]
    #[TestWith([30.0, Cup::Metric, SpoonSet::Metric, 2.0, VolumeUnit::TablespoonMetric])]
    #[TestWith([29.6, Cup::Us, SpoonSet::Us, 2.0, VolumeUnit::TablespoonUs])]
    #[TestWith([15.0, Cup::Metric, SpoonSet::Au, 3.0, VolumeUnit::TeaspoonMetric])]
    #[TestWith([40.0, Cup::Metric, SpoonSet::Au, 2.0, VolumeUnit::TablespoonAu])]
    #[TestWith([2.4, Cup::Metric, SpoonSet::Metric, 0.5, VolumeUnit::TeaspoonMetric])]
    #[TestWith([0.1, Cup::Metric, SpoonSet::Metric, 0.25, VolumeUnit::TeaspoonMetric])]
    public function test_a_formula_in_measures_takes_those_that_lie_in_the_kitchen(float $millilitres, Cup $cup, SpoonSet $set, float $amount, VolumeUnit $unit): void
    {
        $measure = KitchenMeasure::of($millilitres, $cup, $set);
        self::assertSame([$amount, $unit], [$measure->amount, $measure->unit]);
    }

    public function test_what_is_measured_is_within_an_eighth_of_its_measure_and_all_that_can_be_measured_stays_what_it_is(): void
    {
        foreach (Cup::cases() as $cup) {
            foreach (SpoonSet::cases() as $set) {
                for ($millilitres = 0.3; $millilitres < 3000; $millilitres *= 1.13) {
                    $measure = KitchenMeasure::of($millilitres, $cup, $set);
                    $unit = $measure->unit->millilitres($cup);
                    self::assertEqualsWithDelta($millilitres, $measure->amount * $unit, $measure->amount === 0.25 ? $unit / 4 : $unit / 8 + 1e-9);
                    $again = KitchenMeasure::of($measure->amount * $unit + 1e-9, $cup, $set);
                    self::assertEqualsWithDelta($measure->amount * $unit, $again->amount * $again->unit->millilitres($cup), 0.01, 'four American tablespoons are a quarter of a cup but for a thousandth');
                }
            }
        }
    }

    public function test_a_tablespoon_is_that_of_the_kitchen(): void
    {
        // 40 g of water: two of 20 mL in Australia, two of 15 and two of 5 elsewhere, two of 14.787 and 2¼ of 4.929 in the US.
        self::assertSame('2 tbsp', Spoons::holding(40, 1.0, SpoonSet::Au)->inWords());
        self::assertSame('2 tbsp 2 tsp', Spoons::holding(40, 1.0)->inWords());
        self::assertSame('2 tbsp 2 tsp', Spoons::holding(40, 1.0, SpoonSet::Us)->inWords());
        foreach (SpoonSet::cases() as $set) {
            for ($grams = 1.0; $grams < 60; $grams += 1.7) {
                self::assertEqualsWithDelta($grams, Spoons::holding($grams, 1.0, $set)->millilitres(), $set->teaspoonMillilitres() / 8 + 1e-9);
            }
        }
    }

    public function test_the_plan_tells_its_reserve_in_them(): void
    {
        $spoons = static fn (string $set): mixed => data_get(PlanDocument::of(Bench::planOf(['style' => 'pressed-masa', 'gear' => ['spoon' => $set]]))->json, 'water.reserve_spoons');
        self::assertNotSame($spoons('metric'), $spoons('au'));
    }

    public function test_water_that_nobody_weighs_is_dipped_in_the_kitchen_s_cups_and_spoons(): void
    {
        $dips = static fn (string $measure, string $cup): array => (array) data_get(PlanDocument::of(Bench::planOf(['style' => 'pressed-masa', 'formula' => ['method' => ['measure' => $measure]], 'gear' => ['cup' => $cup]]))->json, 'water.by_hand');
        self::assertSame([], $dips('weight', 'us'));
        self::assertSame(['1 tbsp', '¼ cup', '½ cup', '1 cup'], array_column($dips('feel', 'us'), 'label'));
        self::assertSame([15.0, 59.1, 118.3, 236.6], array_column($dips('feel', 'us'), 'grams'));
    }
}
