<?php

declare(strict_types=1);

namespace StoneMill\Tests\Mill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\NixtamalDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Mill\Nixtamal;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

final class NixtamalTest extends TestCase
{
    public function test_a_pot_worked_by_hand(): void
    {
        $pot = Nixtamal::read(['corn_grams' => 1000, 'kernel_moisture_percent' => 10]);
        // X0 = 10/90 = 0.11111. After 40 min at 1.3/h: 1 − 0.88889 · e^−0.86667 = 0.62636, 38.513 % of the whole.
        self::assertEqualsWithDelta(38.513, $pot->simmeredMoisturePercent(), 0.01);
        // After 12 h at 0.12/h: 1 − 0.37364 · e^−1.44 = 0.91147, 47.684 %.
        self::assertEqualsWithDelta(47.684, $pot->steepedMoisturePercent(), 0.01);
        // Lost: 2 % + 3.5 % · 1 = 5.5 % of 900 g dry; 850.5 g stay. As masa of 55 %: 850.5 / 0.45 = 1890 g.
        self::assertEqualsWithDelta(850.5, $pot->dryGrams(), 1e-9);
        self::assertEqualsWithDelta(1890, $pot->masaGrams(), 1e-6);
        // Drained 850.5 / 0.52316 = 1625.7 g, so 264.3 g of water at the mill.
        self::assertEqualsWithDelta(264.3, $pot->grindWaterGrams(), 0.3);
    }

    public function test_usual_pots_stay_within_what_is_published(): void
    {
        $seeded = new Seeded(5);
        for ($case = 0; $case < 300; $case++) {
            $pot = Nixtamal::read(['corn_grams' => 500, 'lime_percent' => $seeded->between(0.6, 1.5), 'simmer_minutes' => $seeded->between(30, 60), 'steep_hours' => $seeded->between(8, 16)]);
            self::assertGreaterThan(33, $pot->simmeredMoisturePercent());
            self::assertLessThan(44, $pot->simmeredMoisturePercent());
            self::assertGreaterThan(43, $pot->steepedMoisturePercent());
            self::assertLessThan(51, $pot->steepedMoisturePercent());
            self::assertGreaterThan(0.03, $pot->dryLossShare());
            self::assertLessThan(0.12, $pot->dryLossShare());
        }
    }

    public function test_dry_matter_in_is_dry_matter_out(): void
    {
        $seeded = new Seeded(6);
        for ($case = 0; $case < 200; $case++) {
            $corn = $seeded->between(100, 5000);
            $moisture = $seeded->between(8, 15);
            $pot = Nixtamal::read(['corn_grams' => $corn, 'kernel_moisture_percent' => $moisture, 'masa_moisture_percent' => $seeded->between(52, 57)]);
            $in = $corn * (1 - $moisture / 100);
            self::assertEqualsWithDelta($in, $pot->dryGrams() + $in * $pot->dryLossShare(), 1e-6);
            self::assertEqualsWithDelta($pot->masaGrams(), $pot->drainedGrams() + $pot->grindWaterGrams(), 1e-6);
        }
    }

    public function test_more_time_never_leaves_the_corn_drier(): void
    {
        $before = 0.0;
        foreach ([8, 10, 12, 14, 16] as $hours) {
            $moisture = Nixtamal::read(['corn_grams' => 1000, 'steep_hours' => $hours])->steepedMoisturePercent();
            self::assertGreaterThan($before, $moisture);
            $before = $moisture;
        }
    }

    public function test_asking_for_masa_gives_the_corn_that_makes_it(): void
    {
        $pot = Nixtamal::read(['masa_grams' => 1500]);
        self::assertEqualsWithDelta(1500, $pot->masaGrams(), 1e-6);
        self::assertStringContainsString('"value":1500', (string) json_encode((new NixtamalDocument($pot))->json()['masa_grams']));
    }

    public function test_the_clock_runs_back_from_when_the_masa_is_wanted(): void
    {
        $clock = Said::at((new NixtamalDocument(Nixtamal::read(['corn_grams' => 1000, 'ready_at' => '2026-05-02T09:00:00+02:00'])))->json(), 'clock');
        // 20 min up to a simmer, 40 min simmer, 12 h steep, 15 min rinse, 20 min a kg for 1.62 kg: 13 h 47 min before nine.
        self::assertSame('2026-05-01T19:12', substr($clock[0]['at']->text(), 0, 16));
        self::assertCount(5, $clock);
        $end = 0.0;
        foreach ($clock as $step) {
            self::assertEqualsWithDelta($end, $step['from_minutes']->value, 0.11);
            $end = $step['from_minutes']->number() + $step['minutes']->number();
        }
    }

    public function test_lime_comes_with_its_cautions(): void
    {
        $cautions = implode(' ', Said::at((new NixtamalDocument(Nixtamal::read(['corn_grams' => 500])))->json(), 'cautions')->listed());
        self::assertStringContainsString('caustic', $cautions);
        self::assertStringContainsString('aluminium', $cautions);
        self::assertStringContainsString('Local codes', $cautions);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [[], '(document)'];
        yield 'both' => [['corn_grams' => 100, 'masa_grams' => 100], '(document)'];
        yield 'a negative pot' => [['corn_grams' => -5], 'corn_grams'];
        yield 'lime by the handful' => [['corn_grams' => 500, 'lime_percent' => 10], 'lime_percent'];
        yield 'text for hours' => [['corn_grams' => 500, 'steep_hours' => 'overnight'], 'steep_hours'];
        yield 'a soup' => [['corn_grams' => 500, 'masa_moisture_percent' => 80], 'masa_moisture_percent'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('wrong')]
    public function test_a_pot_that_cannot_be_is_refused_by_name(array $document, string $path): void
    {
        try {
            Nixtamal::read($document);
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }
}
