<?php

declare(strict_types=1);

namespace StoneMill\Tests\Label;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Plan\RequestChange;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What a piece costs, and whether it keeps to a budget of carbohydrate. */
final class CostAndBudgetTest extends TestCase
{
    public function test_prices_of_the_bags_come_to_a_price_a_piece(): void
    {
        // 300 g of masa at 3.00 a kg is 0.90, 3 g of salt at 1.00 a kg 0.003: 0.903 in 10 pieces.
        $label = self::label([
            'lines' => [['ingredient' => 'instant-masa-fine', 'grams' => 300, 'lot' => 'bag'], ['ingredient' => 'salt', 'grams' => 3, 'lot' => 'box']],
        ], ['lots' => ['bag' => ['certified_gluten_free' => true, 'price_per_kg' => 3], 'box' => ['certified_gluten_free' => false, 'price_per_kg' => 1]], 'pieces' => ['count' => 10]]);
        self::assertEqualsWithDelta(0.903, $label['cost']['batch']['value']->value, 1e-9);
        self::assertEqualsWithDelta(0.0903, $label['cost']['per_piece']['value']->value, 1e-9);
        self::assertSame([], $label['cost']['unpriced']->value);
        self::assertTrue($label['cost']['is_known']->value);
    }

    public function test_what_has_no_price_is_named_and_not_guessed(): void
    {
        $label = self::label(['lines' => [['ingredient' => 'instant-masa-fine', 'grams' => 300, 'lot' => 'bag'], ['ingredient' => 'salt', 'grams' => 3]]], ['lots' => ['bag' => ['certified_gluten_free' => true]]]);
        self::assertSame(0.0, $label['cost']['batch']['value']->value);
        self::assertSame(['Instant nixtamalised corn flour, fine', 'Salt'], $label['cost']['unpriced']->value);
        self::assertFalse($label['cost']['is_known']->value);
    }

    public function test_raw_dough_holds_less_of_everything_than_the_bread_it_becomes(): void
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            $label = Said::at(PlanDocument::of(Bench::plan($style))->json, 'label');
            foreach (['protein_grams', 'fat_grams', 'energy_kj', 'total_carbohydrate_grams'] as $fact) {
                self::assertLessThanOrEqual($label['per_100_g'][$fact]['value']->value, $label['per_100_g_raw'][$fact]['value']->value, "$style $fact");
            }
        }
    }

    public function test_both_conventions_come_to_the_same_net_carbohydrate(): void
    {
        $label = Said::at(PlanDocument::of(Bench::plan('coconut-psyllium-wrap'))->json, 'label.per_piece');
        self::assertEqualsWithDelta($label['net_carbohydrate_grams']['value']->value, $label['total_carbohydrate_grams']['value']->number() - $label['fibre_grams']['value']->number(), 1e-3);
        self::assertEqualsWithDelta($label['net_carbohydrate_grams']['value']->value, $label['carbohydrate_grams']['value']->value, 1e-9);
    }

    public function test_the_largest_piece_within_the_budget_is_just_within_it(): void
    {
        $budget = self::budget(RequestChange::carbohydrateBudget(1.5));
        self::assertFalse($budget['met']->value);
        $smaller = self::budget(RequestChange::pieceOf(floor($budget['largest_piece_grams']['value']->number() * 10) / 10 - 0.5), RequestChange::carbohydrateBudget(1.5), RequestChange::scaleOf(0.1));
        self::assertTrue($smaller['met']->value);
        self::assertNull(self::budget()->value);
    }

    /**
     * @param array<string, mixed> $formula
     * @param array<string, mixed> $more
     */
    private static function label(array $formula, array $more): Said
    {
        return Said::at(PlanDocument::of(Bench::planOf(['style' => 'pressed-masa', 'formula' => $formula, ...$more]))->json, 'label');
    }

    private static function budget(RequestChange ...$wished): Said
    {
        return Said::at(PlanDocument::of(Bench::plan('almond-wrap', ...$wished))->json, 'label.budget');
    }
}
