<?php

declare(strict_types=1);

namespace StoneMill\Tests\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Pantry\Grain;

final class GrainTest extends TestCase
{
    public function test_corn_rests_at_the_moisture_that_the_published_constants_give(): void
    {
        // ln(1 − 0.6) = −0.916291; K (T + C) = 8.6541e-5 · (25 + 49.810) = 6.474132e-3
        // M = (0.916291 / 6.474132e-3)^(1/1.8634) = 141.5311^0.536653 = 14.2647 % of dry matter
        // of the whole: 100 · 14.2647 / 114.2647 = 12.4839 %
        self::assertEqualsWithDelta(12.4839, Grain::Corn->equilibriumMoisturePercent(25, 60), 0.0002);
    }

    /** @return iterable<string, array{Grain}> */
    public static function grains(): iterable
    {
        foreach (Grain::cases() as $grain) {
            yield $grain->value => [$grain];
        }
    }

    #[DataProvider('grains')]
    public function test_moisture_and_humidity_are_each_other_s_exact_inverse(Grain $grain): void
    {
        foreach ([1, 20, 45, 60, 75, 90, 99] as $humidity) {
            foreach ([0, 5, 20, 35, 60] as $celsius) {
                $moisture = $grain->equilibriumMoisturePercent($celsius, $humidity);
                self::assertEqualsWithDelta($humidity, $grain->relativeHumidityPercent($celsius, $moisture), 1e-9);
            }
        }
    }

    #[DataProvider('grains')]
    public function test_a_damper_room_never_leaves_a_drier_flour_and_a_warmer_one_never_a_damper(Grain $grain): void
    {
        for ($humidity = 5; $humidity < 95; $humidity += 5) {
            self::assertGreaterThan($grain->equilibriumMoisturePercent(21, $humidity), $grain->equilibriumMoisturePercent(21, $humidity + 5));
            self::assertLessThanOrEqual($grain->equilibriumMoisturePercent(15, $humidity), $grain->equilibriumMoisturePercent(30, $humidity));
        }
    }

    #[DataProvider('grains')]
    public function test_in_a_usual_kitchen_every_grain_rests_between_8_and_16_percent(Grain $grain): void
    {
        $moisture = $grain->equilibriumMoisturePercent(21, 55);
        self::assertGreaterThan(8, $moisture);
        self::assertLessThan(16, $moisture);
    }

    public function test_it_knows_where_its_constants_were_fitted(): void
    {
        self::assertTrue(Grain::isFittedTo(21, 50));
        self::assertFalse(Grain::isFittedTo(21, 95));
        self::assertFalse(Grain::isFittedTo(2, 50));
    }

    public function test_a_room_that_the_equation_says_nothing_about_is_refused_with_value_and_limit(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches('/relative humidity.*99, got 100/');
        Grain::Rice->equilibriumMoisturePercent(21, 100);
    }
}
