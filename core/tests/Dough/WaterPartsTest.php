<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\WaterParts;
use StoneMill\Dough\WaterPour;
use StoneMill\Dough\WaterSource;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Tests\Seeded;

final class WaterPartsTest extends TestCase
{
    public function test_kettle_and_tap_meet_in_the_middle(): void
    {
        // 300 g at 56.5 °C from a tap at 16 °C and a kettle at 97 °C: (56.5 − 16) / (97 − 16) = half of each.
        $parts = WaterParts::of(300, 56.5, 16, 1);
        self::assertSame([0.0, 150.0, 150.0], [$parts->iceGrams, $parts->tapGrams, $parts->kettleGrams]);
    }

    public function test_ice_takes_its_melting_heat_from_the_tap_water(): void
    {
        // 200 g at 6 °C from a tap at 16 °C: 4.19 · 10 / (333.55 + 4.19 · 16) = 41.9 / 400.59 = 10.46 %, 20.9 g.
        $parts = WaterParts::of(200, 6, 16, 0.1);
        self::assertEqualsWithDelta(20.9, $parts->iceGrams, 1e-9);
        // Heat that melts and warms the ice is heat that the tap water gives.
        $taken = 20.9 * (333.55 + 4.19 * 6);
        $given = 179.1 * 4.19 * 10;
        self::assertEqualsWithDelta($given, $taken, 0.005 * $given);
    }

    public function test_water_as_warm_as_the_tap_is_tap_water(): void
    {
        self::assertEquals([new WaterPour(WaterSource::Tap, 250.0, 16.0)], WaterParts::of(250, 16.4, 16, 1)->pours());
    }

    public function test_water_near_the_boil_is_all_kettle(): void
    {
        self::assertEquals([new WaterPour(WaterSource::Kettle, 250.0, 97.0)], WaterParts::of(250, 99, 16, 1)->pours());
    }

    public function test_the_parts_always_add_up_and_have_the_wanted_temperature(): void
    {
        $seeded = new Seeded(11);
        for ($case = 0; $case < 1000; $case++) {
            $tap = $seeded->between(4, 35);
            $grams = $seeded->between(50, 2000);
            $celsius = $seeded->between(max(0.0, WaterParts::coldest($tap)), 97);
            $parts = WaterParts::of($grams, $celsius, $tap, 0.1);
            self::assertEqualsWithDelta($grams, $parts->iceGrams + $parts->tapGrams + $parts->kettleGrams, 1e-5);
            self::assertGreaterThanOrEqual(0, $parts->tapGrams);
            // Mixed again: heat over 0 °C, ice counted as the debt of its melting.
            $heat = $parts->tapGrams * 4.19 * $tap + $parts->kettleGrams * 4.19 * 97 - $parts->iceGrams * 333.55;
            self::assertEqualsWithDelta($celsius, $heat / (4.19 * $grams), 2.0 + 20 / $grams);
        }
    }

    public function test_where_a_spoonful_would_not_be_felt_it_is_all_from_one_place(): void
    {
        self::assertSame([WaterSource::Tap], array_column(WaterParts::of(120, 14.5, 16, 1)->pours(), 'kind'));
        self::assertSame([WaterSource::Kettle], array_column(WaterParts::of(120, 95.5, 16, 1)->pours(), 'kind'));
        self::assertSame([WaterSource::Tap, WaterSource::Kettle], array_column(WaterParts::of(120, 19, 16, 1)->pours(), 'kind'));
    }

    public function test_colder_than_half_ice_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        WaterParts::of(200, WaterParts::coldest(16) - 1, 16, 1);
    }
}
