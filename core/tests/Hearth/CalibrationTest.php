<?php

declare(strict_types=1);

namespace StoneMill\Tests\Hearth;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\CalibrationDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Hearth\Calibration;
use StoneMill\Hearth\HeatTest;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class CalibrationTest extends TestCase
{
    public function test_a_thermometer_outweighs_belief_and_narrows_it(): void
    {
        $believed = Calibration::read(['believed_celsius' => 230, 'tests' => ['drop_dances']])->surface();
        $read = Calibration::read(['believed_celsius' => 230, 'readings' => self::warmUpTo(205)])->surface();
        self::assertEqualsWithDelta(205, $read->likely, 4);
        self::assertLessThan($believed->high - $believed->low, $read->high - $read->low);
    }

    public function test_words_alone_pull_a_belief_towards_what_was_seen(): void
    {
        // Belief 260 ± 20, the drop sizzles: 155 with 10 and 90 % at 130 and 185, so about ± 21.
        // Weights 1/400 and 1/460: (260/400 + 155/460) / (1/400 + 1/460) = 211.
        $surface = Calibration::read(['believed_celsius' => 260, 'tests' => ['drop_sizzles']])->surface();
        self::assertEqualsWithDelta(211, $surface->likely, 4);
        $twice = Calibration::read(['believed_celsius' => 260, 'tests' => ['drop_sizzles', 'flour_tans_slowly']])->surface();
        self::assertLessThan($surface->likely, $twice->likely);
    }

    public function test_hotter_signs_mean_hotter_metal(): void
    {
        $before = 0.0;
        foreach ([HeatTest::DropSits, HeatTest::DropSizzles, HeatTest::FlourTansSlowly, HeatTest::FlourTans, HeatTest::FlourBrownsFast, HeatTest::FlourSmokes] as $test) {
            self::assertGreaterThan($before, $test->celsius()->likely);
            $before = $test->celsius()->likely;
        }
    }

    public function test_the_preheat_ends_when_it_is_hot_enough_and_a_setting_too_low_says_so(): void
    {
        $calibration = (new CalibrationDocument(Calibration::read(['believed_celsius' => 230, 'wanted_celsius' => 190, 'readings' => self::warmUpTo(220)])))->json();
        // 190 = 220 − 200 e^(−t/200): t = 200 ln(200/30) = 379 s.
        self::assertEqualsWithDelta(379, $calibration['preheat_seconds'], 6);
        $low = (new CalibrationDocument(Calibration::read(['believed_celsius' => 230, 'wanted_celsius' => 250, 'readings' => self::warmUpTo(200)])))->json();
        self::assertStringContainsString('never reaches 250', (string) json_encode($low['words'], JSON_UNESCAPED_UNICODE));
        self::assertNull(Calibration::read(['believed_celsius' => 230, 'tests' => ['drop_dances']])->preheatSeconds());
    }

    public function test_hot_and_cool_places_are_told(): void
    {
        $answer = (new CalibrationDocument(Calibration::read(['believed_celsius' => 220, 'spots' => [235, 218, 196]])))->json();
        self::assertSame(39.0, $answer['uneven_celsius']);
        self::assertStringContainsString('move pieces round', (string) json_encode($answer['words'], JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function nonsense(): iterable
    {
        yield 'nothing to go by' => [['believed_celsius' => 220], '(document)'];
        yield 'believed at dull red' => [['believed_celsius' => 800, 'tests' => ['drop_dances']], 'believed_celsius'];
        yield 'a test of its own' => [['believed_celsius' => 220, 'tests' => ['lick_it']], 'tests[0]'];
        yield 'before the burner was lit' => [['believed_celsius' => 220, 'readings' => [['seconds' => -5, 'celsius' => 20]]], 'readings[0].seconds'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_place(mixed $document, string $path): void
    {
        try {
            Calibration::read($document);
            self::fail('Nonsense was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    public function test_loads_in_a_hurry_start_cooler_each_time_and_a_wait_mends_it(): void
    {
        $request = ['style' => 'pressed-masa', 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 340, 'metal' => 'steel', 'thickness_mm' => 3, 'burner' => 'regulated']]];
        $hurried = new Said(Bench::ask('loads', ['request' => $request, 'gap_seconds' => 4]));
        for ($load = 1; $load < count($hurried['loads']); $load++) {
            self::assertLessThan($hurried['loads'][$load - 1]['laid_on_celsius']->value, $hurried['loads'][$load]['laid_on_celsius']->value);
            self::assertLessThan($hurried['loads'][$load - 1]['weight_loss_percent']->value, $hurried['loads'][$load]['weight_loss_percent']->value);
        }
        self::assertLessThan($hurried['loads'][0]['weight_loss_percent']->number() - 0.5, $hurried['loads'][4]['weight_loss_percent']->value);
        $waited = new Said(Bench::ask('loads', ['request' => $request, 'gap_seconds' => $hurried['wait_seconds']->number() + 10]));
        self::assertEqualsWithDelta($waited['loads'][0]['laid_on_celsius']->value, $waited['loads'][4]['laid_on_celsius']->value, 6);
    }

    public function test_the_first_load_on_iron_that_is_not_yet_hot_is_the_odd_one(): void
    {
        $answer = new Said(Bench::ask('loads', ['request' => ['style' => 'millet-round', 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 400]]], 'gap_seconds' => 90, 'first_celsius' => 150]));
        self::assertLessThan($answer['loads'][3]['weight_loss_percent']->value, $answer['loads'][0]['weight_loss_percent']->value);
        self::assertLessThan($answer['loads'][3]['shades'][1]->value, $answer['loads'][0]['shades'][1]->value);
    }

    /** @return list<array{seconds: int, celsius: float}> from 20 °C with a time constant of 200 s */
    private static function warmUpTo(float $final): array
    {
        return array_map(static fn (int $step): array => ['seconds' => 40 * $step, 'celsius' => round($final - ($final - 20) * exp(-40 * $step / 200), 1)], range(0, 20));
    }
}
