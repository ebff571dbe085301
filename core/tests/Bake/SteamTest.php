<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Bake\Steam;
use StoneMill\Tests\Seeded;

final class SteamTest extends TestCase
{
    /** @return iterable<string, array{float, float}> steam tables: °C, kPa */
    public static function tabled(): iterable
    {
        yield '25 °C' => [25.0, 3.169];
        yield '60 °C' => [60.0, 19.94];
        yield '100 °C' => [100.0, 101.4];
        yield '120 °C' => [120.0, 198.5];
        yield '150 °C' => [150.0, 476.2];
        yield '180 °C' => [180.0, 1002.8];
    }

    #[DataProvider('tabled')]
    public function test_its_pressure_is_that_of_the_steam_tables(float $celsius, float $kilopascal): void
    {
        self::assertEqualsWithDelta($kilopascal, Steam::pressurePascal($celsius) / 1000, 0.01 * $kilopascal);
    }

    public function test_its_heat_is_that_of_the_steam_tables(): void
    {
        // Saturated steam at 100 °C: 2676 kJ/kg; liquid: 419 kJ/kg.
        self::assertEqualsWithDelta(2676e3, Steam::vapourEnthalpy(100), 6e3);
        self::assertEqualsWithDelta(419e3, Steam::liquidEnthalpy(100), 2e3);
        self::assertEqualsWithDelta(0.598, Steam::densityAt(100), 0.01);
    }

    public function test_bread_at_ten_per_cent_over_boiling_holds_what_the_isotherm_says(): void
    {
        // 110 °C: a = 101325 / 143270 = 0.707; 0.01 · e^(5.5 − 0.0056 · 383.15) · (0.707 / 0.293)^0.38 = 0.286 · 1.398 = 0.40.
        $activity = Steam::ATMOSPHERE_PASCAL / Steam::pressurePascal(110);
        self::assertEqualsWithDelta(0.707, $activity, 0.005);
        self::assertEqualsWithDelta(0.400, Steam::heldAt($activity, 110), 0.004);
    }

    public function test_activity_and_held_water_undo_each_other(): void
    {
        $seeded = new Seeded(41);
        for ($case = 0; $case < 500; $case++) {
            $water = $seeded->between(0.01, 1.5);
            $celsius = $seeded->between(20, 200);
            self::assertEqualsWithDelta($water, Steam::heldAt(Steam::activity($water, $celsius), $celsius), 1e-9 + 1e-6 * $water);
        }
    }

    public function test_a_bread_boils_where_its_water_presses_like_the_air(): void
    {
        foreach (Steam::boilingTable() as $step => $celsius) {
            if ($celsius > 100.001 && $celsius < 250) {
                $pascal = Steam::activity($step / Steam::TABLE_STEPS, $celsius) * Steam::pressurePascal($celsius);
                self::assertEqualsWithDelta(Steam::ATMOSPHERE_PASCAL, $pascal, 1e-6, "at $step hundredths");
            }
        }
    }

    public function test_the_drier_the_hotter_it_boils(): void
    {
        $table = Steam::boilingTable();
        for ($step = 1; $step < count($table); $step++) {
            self::assertLessThanOrEqual($table[$step - 1], $table[$step]);
        }
        self::assertEqualsWithDelta(100.1, $table[count($table) - 1], 0.2);
        self::assertEqualsWithDelta(110, $table[(int) (0.40 * Steam::TABLE_STEPS)], 0.5);
    }
}
