<?php

declare(strict_types=1);

namespace StoneMill\Tests\Learn;

use PHPUnit\Framework\TestCase;
use StoneMill\Learn\CalibratedSetting;
use StoneMill\Learn\GriddleRecord;
use StoneMill\Learn\HeatLesson;
use StoneMill\Measure\Spread;
use StoneMill\Tests\Seeded;

/** What readings and judged shades say of griddles and of breads on them. */
final class GriddleRecordTest extends TestCase
{
    private const COLOUR_KELVIN = 45.0;

    public function test_nothing_is_known_of_a_setting_that_nobody_calibrated(): void
    {
        $record = new GriddleRecord([self::lesson(empty: [210])], []);
        self::assertSame([], $record->settings('iron'));
        self::assertNull($record->heat('iron', 'six'));
        self::assertNull($record->sag('iron'));
    }

    public function test_readings_move_a_calibration_and_make_it_surer(): void
    {
        $calibrated = new CalibratedSetting('iron', 'six', 230, 8, 0);
        $alone = (new GriddleRecord([], [$calibrated]))->heat('iron', 'six');
        $read = (new GriddleRecord(array_map(static fn (int $day): HeatLesson => self::lesson(empty: [214.0], day: $day), range(1, 5)), [$calibrated]))->heat('iron', 'six');
        self::assertNotNull($alone);
        self::assertNotNull($read);
        self::assertEqualsWithDelta(230, $alone->value, 0.01);
        self::assertEqualsWithDelta(215, $read->value, 3);
        self::assertLessThan(0.6 * $alone->deviation, $read->deviation);
        self::assertSame(5, $read->batches);
    }

    public function test_what_is_pale_on_every_griddle_is_the_bread_and_what_is_pale_on_one_is_that_griddle(): void
    {
        $calibrations = [new CalibratedSetting('iron', 'six', 230, 10, 0), new CalibratedSetting('steel', 'six', 230, 10, 0)];
        $pale = static fn (string $griddle, string $style, float $log): HeatLesson => self::lesson(griddle: $griddle, style: $style, colour: $log);
        $bread = new GriddleRecord([...array_fill(0, 6, $pale('iron', 'masa', -0.5)), ...array_fill(0, 6, $pale('steel', 'masa', -0.5)), ...array_fill(0, 6, $pale('iron', 'rice', 0.0)), ...array_fill(0, 6, $pale('steel', 'rice', 0.0))], $calibrations);
        self::assertLessThan(-0.3, $bread->readiness('masa')->value ?? 0);
        self::assertEqualsWithDelta(230, $bread->heat('iron', 'six')->value ?? 0, 6);
        $griddle = new GriddleRecord([...array_fill(0, 6, $pale('iron', 'masa', -0.5)), ...array_fill(0, 6, $pale('steel', 'masa', 0.0)), ...array_fill(0, 6, $pale('iron', 'rice', -0.5)), ...array_fill(0, 6, $pale('steel', 'rice', 0.0))], $calibrations);
        self::assertLessThan(226, $griddle->heat('iron', 'six')->value ?? 0);
        self::assertGreaterThan($griddle->heat('iron', 'six')->value ?? 0, $griddle->heat('steel', 'six')->value ?? 0);
    }

    public function test_metal_that_sags_under_bread_is_told_from_metal_that_is_cool(): void
    {
        $record = new GriddleRecord(array_map(static fn (int $day): HeatLesson => self::lesson(empty: [229.0], working: [205.0, 207.0], day: $day), range(1, 6)), [new CalibratedSetting('iron', 'six', 230, 6, 0)]);
        self::assertEqualsWithDelta(-17, $record->sag('iron')->value ?? 0, 7);
        self::assertEqualsWithDelta(229, $record->heat('iron', 'six')->value ?? 0, 4);
    }

    public function test_over_simulated_griddles_the_band_holds_and_colours_come_nearer_to_the_wish(): void
    {
        $seeded = new Seeded(1402);
        $inside = $asked = 0;
        $with = $without = [];
        for ($kitchen = 0; $kitchen < 300; $kitchen++) {
            // Not drawn from the priors: settings lie evenly up to 30 K off their calibration's belief, thermometers up to 5 K off all the time, breads
            // colour up to half more or less, flames sag by up to 20 K; eyes err by a tenth of a shade, one reading in twenty is a slip.
            $true = 230 + $seeded->between(-30, 30);
            $sag = $seeded->between(-20, 0);
            $readiness = $seeded->between(-0.5, 0.5);
            $thermometer = $seeded->between(-5, 5);
            $found = $true + $seeded->between(-14, 14);
            $calibration = new CalibratedSetting('iron', 'six', $found, 9, 0);
            $lessons = [];
            for ($batch = 1; $batch <= 8; $batch++) {
                $slip = $seeded->int(1, 20) === 1 ? $seeded->between(-40, 40) : 0.0;
                $colour = ($true + $sag - 230) / self::COLOUR_KELVIN + $readiness + $seeded->between(-0.5, 0.5);
                $lessons[] = self::lesson(empty: [$true + $thermometer + $seeded->between(-9, 9) + $slip], working: [$true + $sag + $thermometer + $seeded->between(-12, 12)], colour: $colour, day: 3 * $batch);
            }
            $record = new GriddleRecord($lessons, [$calibration]);
            $heat = $record->heat('iron', 'six');
            self::assertNotNull($heat);
            $asked++;
            $inside += abs($true - $heat->value) <= Spread::DECILE_DEVIATIONS * hypot($heat->deviation, 3.0) ? 1 : 0;
            // The next bread is planned for the calibrated heat without learning, for heat, sag and readiness with it.
            $real = ($true + $sag - 230) / self::COLOUR_KELVIN + $readiness;
            $without[] = abs($real - ($found - 230) / self::COLOUR_KELVIN);
            $with[] = abs($real - ($heat->value + ($record->sag('iron')->value ?? 0) - 230) / self::COLOUR_KELVIN - ($record->readiness('masa')->value ?? 0));
        }
        self::assertGreaterThan(0.74, $inside / $asked);
        self::assertLessThan(0.93, $inside / $asked);
        self::assertLessThan(0.5 * array_sum($without), array_sum($with), 'half as far from the colour that comes');
        $hit = static fn (float $one): bool => $one < 0.3;
        self::assertGreaterThan(1.4 * count(array_filter($without, $hit)), count(array_filter($with, $hit)), 'and the wish is met more often');
    }

    /**
     * @param list<float> $empty
     * @param list<float> $working
     */
    private static function lesson(string $griddle = 'iron', string $style = 'masa', array $empty = [], array $working = [], ?float $colour = null, int $day = 1): HeatLesson
    {
        return new HeatLesson($griddle, 'six', $style, 230, 230, array_map(floatval(...), $empty), $working, $colour, 0.3, null, $day);
    }
}
