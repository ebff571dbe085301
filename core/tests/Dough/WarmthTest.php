<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\Pot;
use StoneMill\Dough\Room;
use StoneMill\Dough\Warmth;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Swelling;
use StoneMill\Tests\Bench;

/** Where hot water lands, what it swells there, and what a pot keeps of its heat. */
final class WarmthTest extends TestCase
{
    public function test_water_below_the_onset_swells_nothing_however_much_of_it_lands_in_one_place(): void
    {
        self::assertSame(0.0, Warmth::meeting(63.9, 60.0, 0.1, 62.0)->swollen(Swelling::between(64, 72, 86)));
    }

    public function test_boiling_water_swells_some_flour_though_the_bowl_as_a_whole_stays_below_the_onset(): void
    {
        // g = 1.2: the twelfth of the flour that meets 2.6565 times its share comes to (2.6565 · 97 + 1.2 · 20) / 3.8565 = 73.0 °C; the next,
        // at 1.8148, to 66.4 °C; all others stay below 64. From 64 over 72 to 86: (2.4² / (22 · 8) + 1 − 13² / (22 · 14)) / 12.
        $warmth = Warmth::meeting(97.0, 20.0, 1.2, 55.0);
        self::assertEqualsWithDelta((2.35 ** 2 / 176 + 1 - 12.96 ** 2 / 308) / 12, $warmth->swollen(Swelling::between(64, 72, 86)), 1e-3);
    }

    public function test_a_dough_that_is_as_warm_everywhere_swells_as_its_temperature_says(): void
    {
        $swelling = Swelling::between(64, 72, 86);
        foreach ([50.0, 66.0, 72.0, 80.0, 95.0] as $celsius) {
            self::assertEqualsWithDelta($swelling->shareAt($celsius), Warmth::even($celsius)->swollen($swelling), 1e-12);
        }
    }

    public function test_a_large_lump_keeps_its_heat_and_a_spoonful_does_not(): void
    {
        // 450 g at 3.6 J/(g K): A = 6.8 (0.45 / 1100)^(2/3) = 0.0375 m²; 300 · 25 · 0.0375 / 1620 = 0.1735; 21 + 79 e^−0.1735 = 87.4 °C.
        self::assertEqualsWithDelta(87.4, Pot::celsiusWhenKneaded(450, 1620, 21), 0.1);
        self::assertLessThan(81, Pot::celsiusWhenKneaded(100, 360, 21));
        self::assertSame(21.0, Pot::celsiusWhenKneaded(0, 0, 21));
    }

    public function test_damp_flour_is_less_flour_and_more_water(): void
    {
        // Masa of 9 % water, half way to what 25 °C and 75 % settle it at.
        $masa = Bench::reference()->catalogue->ingredient('instant-masa-fine');
        $room = new Room(25, 75);
        $water = $room->waterShare($masa);
        self::assertGreaterThan(0.10, $water);
        // A gram of it holds (1 − M) g of dry matter, the catalogue's flour 0.91 g: q = (1 − M) / 0.91; its own water is short of q · 0.09 − M.
        self::assertEqualsWithDelta((1 - $water) / 0.91, $room->flourShare($masa), 1e-12);
        self::assertEqualsWithDelta((1 - $water) / 0.91 * 0.09 - $water, $room->drynessShare($masa), 1e-12);
        // Flour and water together weigh what the bag weighed.
        self::assertEqualsWithDelta(1.0, $room->flourShare($masa) - $room->drynessShare($masa), 1e-12);
    }

    public function test_a_cup_that_nobody_described_may_be_any_cup(): void
    {
        $masa = Bench::reference()->catalogue->ingredient('instant-masa-fine');
        // Spooned 0.47, scooped 0.53, packed up to 0.67 g/mL; a cup of 240 mL.
        $cup = $masa->gramsIn(Spread::exactly(240), null);
        self::assertEqualsWithDelta(120.0, $cup->likely, 1e-9);
        self::assertEqualsWithDelta(0.432 * 240, $cup->low, 1e-9);
        self::assertEqualsWithDelta(0.67 * 240, $cup->high, 1e-9);
    }
}
