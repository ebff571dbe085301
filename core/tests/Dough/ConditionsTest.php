<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\Conditions;
use StoneMill\Dough\FeelGrade;
use StoneMill\Dough\Ledger;
use StoneMill\Dough\Mixing;
use StoneMill\Dough\Rescue;
use StoneMill\Dough\Room;
use StoneMill\Dough\SaltDraw;
use StoneMill\Dough\Warmth;
use StoneMill\Dough\WeighedLine;
use StoneMill\Pantry\Grind;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Rest;
use StoneMill\School\Texture;
use StoneMill\Tests\Bench;

/** What else decides how much water a dough takes: fat, salt and time, grind, texture, the bowl. */
final class ConditionsTest extends TestCase
{
    public function test_fat_keeps_water_out_of_the_flour_in_proportion(): void
    {
        // 100 g rice takes 91 g cold; 20 g of oil, a fifth of the flour, keeps 0.4 · 0.2 = 8 % of it out: 83.72 g.
        self::assertEqualsWithDelta(91.0, self::ledger(['rice-white' => 100])->neededGrams(), 1e-9);
        self::assertEqualsWithDelta(83.72, self::ledger(['rice-white' => 100, 'sunflower-oil' => 20])->neededGrams(), 1e-9);
    }

    public function test_butter_brings_its_own_water_and_browned_butter_hardly_any(): void
    {
        // 10 g of butter holds 1.6 g of water, browned 0.1 g.
        $butter = self::ledger(['rice-white' => 100, 'butter' => 10]);
        $browned = self::ledger(['rice-white' => 100, 'browned-butter' => 10]);
        self::assertEqualsWithDelta(1.5, $butter->broughtGrams() - $browned->broughtGrams(), 1e-9);
    }

    public function test_boiled_potato_lends_only_part_of_its_water(): void
    {
        // 55 g at 77.5 % water, of which 22 % is free: 55 · 0.775 · 0.22 = 9.3775 g.
        self::assertEqualsWithDelta(9.3775, self::ledger(['amaranth' => 100, 'potato-boiled' => 55])->broughtGrams(), 1e-9);
    }

    public function test_salt_draws_water_out_of_vegetables_over_time(): void
    {
        // 2 g of salt on 50 g: 4 %. Most: 0.05 + 0.40 · (1 − e^−2) = 0.395866. After 15 min: 0.395866 · (1 − e^−1) = 0.250235.
        $draw = SaltDraw::of(2, 50);
        self::assertEqualsWithDelta(0.395866, $draw->mostShare, 1e-6);
        self::assertEqualsWithDelta(0.250235, $draw->shareAfter(15), 1e-6);
        self::assertSame(0.0, $draw->shareAfter(0));
        self::assertLessThan($draw->mostShare, $draw->shareAfter(120));
    }

    public function test_more_salt_and_more_time_never_draw_less(): void
    {
        $before = 0.0;
        foreach ([0, 0.5, 1, 2, 5, 20] as $salt) {
            $share = SaltDraw::of($salt, 50)->shareAfter(20);
            self::assertGreaterThan($before, $share);
            $before = $share;
        }
    }

    public function test_vegetables_that_weep_longer_ask_for_less_added_water(): void
    {
        $hydration = static fn (Rest $rest): float => Bench::plan('rice-vegetable-round', RequestChange::school($rest))->dough->hydrationPercent();
        self::assertLessThan($hydration(Rest::None), $hydration(Rest::Short));
        self::assertLessThan($hydration(Rest::Short), $hydration(Rest::TwentyThirtyMinutes));
    }

    public function test_a_coarse_home_grind_takes_less_and_is_less_sure(): void
    {
        $of = static fn (Grind $grind): Ledger => self::ledgerOf([new WeighedLine(Bench::reference()->catalogue->ingredient('oat'), 100, 0.5, null, $grind)]);
        self::assertEqualsWithDelta(0.85 * $of(Grind::Shop)->neededGrams(), $of(Grind::HomeCoarse)->neededGrams(), 1e-9);
        self::assertGreaterThan($of(Grind::Shop)->deviationGrams(), $of(Grind::HomeCoarse)->deviationGrams());
    }

    public function test_a_batter_takes_more_than_a_dough_and_a_rolled_one_least(): void
    {
        $needs = array_map(static fn (Texture $texture): float => self::ledger(['chickpea' => 100], $texture)->neededGrams(), [Texture::Roll, Texture::Press, Texture::Pat, Texture::Soft, Texture::Batter]);
        $sorted = $needs;
        sort($sorted);
        self::assertSame($sorted, $needs);
    }

    public function test_a_warm_bowl_lends_its_heat(): void
    {
        $lines = [new WeighedLine(Bench::reference()->catalogue->ingredient('rice-white'), 280, 0.0, null)];
        $conditions = Conditions::of($lines, Texture::Press, 0.0, new Room(20, null), 10);
        $plain = new Mixing($lines, $conditions);
        $warm = new Mixing($lines, $conditions, 60);
        // The bowl of 280 g of dry lines takes part with 150 J/K; 40 K more of it over all the heat capacity, less 4 %.
        $rice = 280 * Bench::reference()->catalogue->ingredient('rice-white')->composition->specificHeatAt(40);
        $water = 300 * Bench::reference()->catalogue->ingredient('water')->composition->specificHeatAt(40);
        self::assertEqualsWithDelta(0.96 * 150 * 40 / (150 + $rice + $water), $warm->celsius(300, 50) - $plain->celsius(300, 50), 0.01);
    }

    public function test_a_dough_is_given_up_only_when_spoons_no_longer_help(): void
    {
        self::assertNull(Rescue::advice(1, 20, 300, FeelGrade::Sticky, 200));
        self::assertNull(Rescue::advice(5, 20, 300, FeelGrade::Ready, 200));
        self::assertNull(Rescue::advice(9, 0, 300, FeelGrade::Crumbly, 200), 'a dry dough takes spoon after spoon');
        self::assertNull(Rescue::advice(6, 10, 300, FeelGrade::Tacky, 200));
        self::assertStringContainsString('210 g', (string) Rescue::advice(4, 20, 300, FeelGrade::Sticky, 210));
        self::assertStringContainsString('batter now', (string) Rescue::advice(2, 160, 400, FeelGrade::Slack, -5));
    }

    /** @param array<string, int|float> $grams */
    private static function ledger(array $grams, Texture $texture = Texture::Press): Ledger
    {
        return self::ledgerOf(array_map(
            static fn (string $id, int|float $amount): WeighedLine => new WeighedLine(Bench::reference()->catalogue->ingredient($id), $amount, 0.0, null),
            array_keys($grams),
            array_values($grams),
        ), $texture);
    }

    /** @param list<WeighedLine> $lines */
    private static function ledgerOf(array $lines, Texture $texture = Texture::Press): Ledger
    {
        return (new Mixing($lines, Conditions::of($lines, $texture, 0.0, new Room(21, null), 20)))->ledgerAt(Warmth::even(21));
    }
}
