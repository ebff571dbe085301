<?php

declare(strict_types=1);

namespace StoneMill\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Rounding;
use StoneMill\Measure\Spoons;
use StoneMill\Measure\VolumeUnit;

final class RoundingTest extends TestCase
{
    /** @return iterable<array{float, string}> */
    public static function water(): iterable
    {
        yield [1.25, '¼ tsp'];
        yield [5.0, '1 tsp'];
        yield [12.0, '2½ tsp'];
        yield [47.0, '3 tbsp ½ tsp'];
        yield [0.3, 'a few drops'];
    }

    #[DataProvider('water')]
    public function test_water_is_said_in_spoons_to_a_quarter_teaspoon(float $grams, string $words): void
    {
        self::assertSame($words, Spoons::holding($grams, 1.0)->inWords());
    }

    public function test_spoons_are_never_off_by_more_than_an_eighth_of_a_teaspoon(): void
    {
        for ($grams = 0.0; $grams < 120; $grams += 0.37) {
            self::assertEqualsWithDelta($grams, Spoons::holding($grams, 1.0)->millilitres(), 0.625 + 1e-9);
        }
    }

    public function test_pinches_are_weighed_finer_than_flour(): void
    {
        self::assertSame(3.2, Rounding::kitchen(3.228, 1));
        self::assertSame(269.0, Rounding::kitchen(268.93, 1));
    }

    public function test_a_cup_is_not_a_cup(): void
    {
        self::assertSame([236.588, 250.0], [VolumeUnit::CupUs->millilitres(), VolumeUnit::CupMetric->millilitres()]);
        self::assertEqualsWithDelta(16, VolumeUnit::CupUs->millilitres() / VolumeUnit::TablespoonUs->millilitres(), 0.001);
    }

    public function test_from_a_quarter_cup_on_amounts_are_told_in_cups(): void
    {
        // 275 g at 0.55 g/mL are 500 mL, two metric cups; 40 g are 72.7 mL, a bit over a quarter.
        self::assertSame('2 cups', Spoons::orCups(275, 0.55));
        self::assertSame('¼ cup', Spoons::orCups(40, 0.55));
        self::assertSame('1 cup', Spoons::orCups(250, 1.0));
        self::assertSame('1½ cups', Spoons::orCups(375, 1.0));
        self::assertSame('2 tbsp', Spoons::orCups(30, 1.0));
    }
}
