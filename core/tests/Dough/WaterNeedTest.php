<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Dough\Conditions;
use StoneMill\Dough\Mixing;
use StoneMill\Dough\Room;
use StoneMill\Dough\WeighedLine;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Measuring;
use StoneMill\School\Scald;
use StoneMill\School\Texture;
use StoneMill\Tests\Bench;

final class WaterNeedTest extends TestCase
{
    /** @param array<string, int|float> $grams */
    private static function mixing(array $grams, Room $room = new Room(21, null), Scald $scald = Scald::None): Mixing
    {
        $lines = array_map(
            static fn (string $id, int|float $amount): WeighedLine => new WeighedLine(Bench::reference()->catalogue->ingredient($id), $amount, 0.0, null),
            array_keys($grams),
            array_values($grams),
        );

        return new Mixing($lines, Conditions::of($lines, Texture::Press, $scald->potShare(), $room, 20.0));
    }

    public function test_cold_masa_takes_what_its_row_says(): void
    {
        // 250 g · 1.26 g/g, no starch swollen at 30 °C.
        self::assertEqualsWithDelta(315, self::mixing(['instant-masa-fine' => 250])->ledgerFor(40)->neededGrams(), 0.01);
    }

    public function test_egg_brings_its_water_and_xanthan_takes_its_share(): void
    {
        // Almond 180 · 0.30 = 54; xanthan alone 7.2 · 4.0 = 28.8, beside the almond 28.8 · 54 / (54 + 28.8) = 18.783;
        // egg brings 72 · 76.2 % = 54.864: 54 + 18.783 − 54.864 = 17.919 g.
        $ledger = self::mixing(['almond-blanched' => 180, 'xanthan' => 7.2, 'egg' => 72])->ledgerFor(30);
        self::assertEqualsWithDelta(17.919, $ledger->neededGrams(), 0.001);
        self::assertEqualsWithDelta($ledger->neededGrams(), $ledger->takenGrams() - $ledger->broughtGrams(), 1e-9);
    }

    /** @return iterable<string, array{string}> */
    public static function starchyFlours(): iterable
    {
        foreach (['instant-masa-fine', 'sorghum', 'pearl-millet', 'finger-millet', 'rice-white', 'rice-brown', 'tapioca-starch'] as $flour) {
            yield $flour => [$flour];
        }
    }

    #[DataProvider('starchyFlours')]
    public function test_warmer_water_never_asks_for_less_water_and_never_makes_a_colder_dough(string $flour): void
    {
        $mixing = self::mixing([$flour => 300]);
        $need = 0.0;
        $dough = 0.0;
        for ($celsius = 5.0; $celsius <= 100; $celsius += 2.5) {
            $ledger = $mixing->ledgerFor($celsius);
            self::assertGreaterThanOrEqual($need - 1e-3, $ledger->neededGrams());
            $need = $ledger->neededGrams();
            self::assertGreaterThan($dough, $mixing->celsius($need, $celsius));
            $dough = $mixing->celsius($need, $celsius);
        }
    }

    #[DataProvider('starchyFlours')]
    public function test_the_water_found_is_the_water_that_the_dough_it_makes_wants(string $flour): void
    {
        $mixing = self::mixing([$flour => 300]);
        $needed = $mixing->ledgerFor(98)->neededGrams();
        self::assertEqualsWithDelta($needed, $mixing->ledgerAt($mixing->warmth($needed, 98))->neededGrams(), 0.01);
    }

    public function test_more_psyllium_never_asks_for_less(): void
    {
        $before = 0.0;
        for ($psyllium = 1.0; $psyllium < 40; $psyllium++) {
            $need = self::mixing(['rice-white' => 300, 'psyllium-husk' => $psyllium])->ledgerFor(50)->neededGrams();
            self::assertGreaterThan($before, $need);
            $before = $need;
        }
    }

    public function test_flour_from_a_drier_room_wants_more(): void
    {
        $dry = self::mixing(['sorghum' => 300], new Room(21, 25))->ledgerFor(40)->neededGrams();
        $damp = self::mixing(['sorghum' => 300], new Room(21, 80))->ledgerFor(40)->neededGrams();
        $unknown = self::mixing(['sorghum' => 300])->ledgerFor(40)->neededGrams();
        self::assertGreaterThan($damp, $dry);
        self::assertEqualsWithDelta($unknown, ($dry + $damp) / 2, 0.04 * $unknown);
    }

    public function test_cooking_in_the_pot_swells_what_pouring_over_cannot(): void
    {
        $poured = self::mixing(['sorghum' => 300], scald: Scald::PourOver)->ledgerFor(98);
        $half = self::mixing(['sorghum' => 300], scald: Scald::HalfInPot)->ledgerFor(98);
        $all = self::mixing(['sorghum' => 300], scald: Scald::AllInPot)->ledgerFor(98);
        self::assertGreaterThan($poured->swollenShare(), $half->swollenShare());
        self::assertSame(1.0, $all->swollenShare());
        self::assertGreaterThan($poured->bindingIndex(), $all->bindingIndex());
    }

    public function test_measuring_by_cup_widens_what_is_known_of_the_need(): void
    {
        $deviation = [];
        foreach (Measuring::cases() as $measuring) {
            $plan = Bench::plan('pressed-masa', RequestChange::school($measuring));
            $deviation[] = $plan->dough->ledger->deviationGrams();
        }
        self::assertGreaterThan($deviation[0], $deviation[1]);
        self::assertGreaterThan($deviation[1], $deviation[2]);
    }
}
