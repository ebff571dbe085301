<?php

declare(strict_types=1);

namespace StoneMill\Tests\Mill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\MillingDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Mill\HomeMilling;
use StoneMill\Pantry\Grind;
use StoneMill\Tests\Said;

final class HomeMillingTest extends TestCase
{
    public function test_a_medium_grind_through_the_sieve_worked_by_hand(): void
    {
        // 500 g: 2 % stay in the mill, 490 g; the sieve holds back 14 %, 68.6 g; 421.4 g of flour.
        $milling = HomeMilling::read(['grain' => 'pearl-millet', 'grain_grams' => 500, 'grind' => 'home_medium', 'sifted' => true]);
        self::assertEqualsWithDelta(421.4, $milling->flour()->likely, 1e-9);
        self::assertEqualsWithDelta(68.6, $milling->heldBackGrams(), 1e-9);
        self::assertSame(Grind::HomeFine, $milling->grindAfterSieve());
    }

    public function test_grain_in_is_flour_bran_and_dust_out(): void
    {
        foreach (['home_fine', 'home_medium', 'home_coarse'] as $grind) {
            foreach ([true, false] as $sifted) {
                $milling = HomeMilling::read(['grain' => 'oat', 'grain_grams' => 1000, 'grind' => $grind, 'sifted' => $sifted]);
                self::assertEqualsWithDelta(1000 * 0.98, $milling->flour()->likely + $milling->heldBackGrams(), 1e-9);
            }
        }
    }

    public function test_asking_for_flour_gives_the_grain_to_take(): void
    {
        $milling = HomeMilling::read(['grain' => 'rice-brown', 'flour_grams' => 300, 'grind' => 'home_coarse', 'sifted' => true]);
        self::assertEqualsWithDelta(300, $milling->flour()->likely, 1e-9);
        self::assertGreaterThan(300 / 0.98, Said::at((new MillingDocument($milling))->json(), 'grain_grams.value')->value);
    }

    public function test_whole_flour_keeps_its_grind_and_coarser_takes_less_water(): void
    {
        $change = static fn (string $grind): float => Said::at((new MillingDocument(HomeMilling::read(['grain' => 'sorghum', 'grain_grams' => 100, 'grind' => $grind])))->json(), 'absorption_change_percent')->number();
        self::assertEqualsWithDelta(-2, $change('home_fine'), 1e-9);
        self::assertEqualsWithDelta(-7, $change('home_medium'), 1e-9);
        self::assertEqualsWithDelta(-15, $change('home_coarse'), 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'not a grain' => [['grain' => 'butter', 'grain_grams' => 100], 'grain'];
        yield 'how much' => [['grain' => 'oat'], '(document)'];
        yield 'both' => [['grain' => 'oat', 'grain_grams' => 100, 'flour_grams' => 90], '(document)'];
        yield 'shop flour' => [['grain' => 'oat', 'grain_grams' => 100, 'grind' => 'shop'], 'grind'];
        yield 'perhaps sifted' => [['grain' => 'oat', 'grain_grams' => 100, 'sifted' => 'maybe'], 'sifted'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_milled_is_refused_by_name(array $document, string $path): void
    {
        try {
            HomeMilling::read($document);
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }
}
