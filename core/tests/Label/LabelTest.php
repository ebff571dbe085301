<?php

declare(strict_types=1);

namespace StoneMill\Tests\Label;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\Plan\LabelPart;
use StoneMill\Label\Caution;
use StoneMill\Label\GlutenStatus;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class LabelTest extends TestCase
{
    private static function label(BatchPlan $plan): Said
    {
        return new Said((new LabelPart($plan->label))->json(1));
    }

    public function test_the_heaviest_stands_first_and_what_somebody_cannot_have_is_marked(): void
    {
        // 300 g water, 200 g flour, 50 g egg: 54.5, 36.4 and 9.1 % of 550 g.
        $label = Bench::plan('pressed-masa', RequestChange::weighed(['egg' => 50, 'instant-masa-fine' => 200, 'water' => 300]), RequestChange::pieces(10))->label;
        self::assertSame(['Water', 'Instant nixtamalised corn flour, fine', 'Whole egg'], array_column($label->ingredients, 'name'));
        self::assertSame([54.5, 36.4, 9.1], array_column($label->ingredients, 'share_percent'));
        self::assertSame([[], [], ['egg']], array_column($label->ingredients, 'allergens'));
    }

    public function test_a_hand_worked_masa_piece(): void
    {
        // 250 g flour (70.5 g carbohydrate per 100) + 300 g water: 176.25 g in 550 g; a 55 g piece holds 17.625 g.
        // It leaves the griddle 16 % lighter: 46.2 g, which is 38.15 g of carbohydrate per 100 g as eaten.
        $label = self::label(Bench::plan('pressed-masa', RequestChange::weighed(['instant-masa-fine' => 250, 'water' => 300]), RequestChange::pieces(10), RequestChange::weightLoss(16)));
        $share = $label['per_piece']['grams']['value']->number() / 46.2;
        self::assertEqualsWithDelta(17.625 * $share, $label['per_piece']['carbohydrate_grams']['value']->number(), 0.01);
        self::assertEqualsWithDelta(38.15, $label['per_100_g']['carbohydrate_grams']['value']->number(), 0.01);
    }

    public function test_both_ways_to_count_carbohydrate_agree_on_what_is_net(): void
    {
        $facts = self::label(Bench::plan('almond-wrap'))['per_100_g'];
        self::assertEqualsWithDelta(
            $facts['net_carbohydrate_grams']['value']->number(),
            $facts['total_carbohydrate_grams']['value']->number() - $facts['fibre_grams']['value']->number(),
            1e-3,
        );
    }

    public function test_allergens_are_each_named_once(): void
    {
        $allergens = self::label(Bench::plan('almond-wrap'))['allergens']->texts('id');
        self::assertSame(['egg', 'tree_nuts'], $allergens);
    }

    public function test_gluten_is_never_said_to_be_absent_beyond_what_the_bags_say(): void
    {
        $lines = [['ingredient' => 'sorghum', 'grams' => 200, 'lot' => 'a'], ['ingredient' => 'tapioca-starch', 'grams' => 60], ['ingredient' => 'salt', 'grams' => 2]];
        $half = self::label(Bench::planOf(['style' => 'millet-round', 'formula' => ['lines' => $lines], 'lots' => ['a' => ['certified_gluten_free' => true]]]));
        self::assertSame(GlutenStatus::CrossContactUnknown->value, $half['gluten']['status']->value);
        self::assertSame(['Tapioca starch'], $half['gluten']['uncertified']->value);

        $lines[1]['lot'] = 'b';
        $all = self::label(Bench::planOf(['style' => 'millet-round', 'formula' => ['lines' => $lines], 'lots' => ['a' => ['certified_gluten_free' => true], 'b' => ['certified_gluten_free' => true]]]));
        self::assertSame(GlutenStatus::AllCertified->value, $all['gluten']['status']->value);

        $lines[1] = ['ingredient' => 'wheat', 'grams' => 60, 'lot' => 'b'];
        $wheat = self::label(Bench::planOf(['style' => 'millet-round', 'formula' => ['lines' => $lines], 'lots' => ['a' => ['certified_gluten_free' => true], 'b' => ['certified_gluten_free' => true]]]));
        self::assertSame(GlutenStatus::ContainsWheat->value, $wheat['gluten']['status']->value);
    }

    public function test_cautions_come_with_what_makes_them_needed(): void
    {
        $ids = static fn (string $style, RequestChange ...$wished): array => array_map(static fn (Caution $caution): string => $caution->id, Bench::plan($style, ...$wished)->cautions);
        self::assertContains('hot-water', $ids('millet-round'));
        self::assertNotContains('hot-water', $ids('pressed-masa'));
        self::assertContains('gums-swell', $ids('almond-wrap'));
        self::assertContains('open-flame', $ids('rice-round', RequestChange::school(TurnSchool::FlameFinish)));
        foreach (['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap'] as $style) {
            self::assertContains('hot-iron', $ids($style));
            self::assertContains('hold-safe', $ids($style));
        }
    }
}
