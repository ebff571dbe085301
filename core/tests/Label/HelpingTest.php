<?php

declare(strict_types=1);

namespace StoneMill\Tests\Label;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ExtraPlace;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Servings beside pieces: how many one eater takes, what that holds, and what portions are set out by. */
final class HelpingTest extends TestCase
{
    public function test_a_serving_is_so_many_pieces_in_weight_and_in_all_that_it_holds(): void
    {
        $label = (array) data_get(PlanDocument::of(Bench::plan('pressed-masa', RequestChange::pieces(14), RequestChange::eachTakes(4), RequestChange::beside('fresh-cheese', ExtraPlace::After, 12)))->json, 'label');
        // Fourteen in fours: three servings and two pieces over; 12 g of cheese each make 48 a serving and 168 in all.
        self::assertSame([4, 3, 2], [data_get($label, 'serving.each'), data_get($label, 'serving.count'), data_get($label, 'serving.over')]);
        self::assertSame([12.0, 48.0, 168.0], array_values(array_intersect_key(Said::at($label, 'serving.rows.1')->all(), ['piece_grams' => 0, 'serving_grams' => 0, 'batch_grams' => 0])));
        foreach (['grams', 'energy_kj', 'protein_grams', 'salt_grams', 'net_carbohydrate_grams'] as $fact) {
            self::assertEqualsWithDelta(4 * Said::at($label, "per_piece.$fact.value")->number(), Said::at($label, "per_serving.$fact.value")->number(), 0.002 * Said::at($label, "per_serving.$fact.value")->number() + 0.01, $fact);
        }
    }

    public function test_where_nobody_says_it_is_about_110_g_of_dough_and_never_more_than_there_is(): void
    {
        $each = static fn (RequestChange ...$wished): mixed => data_get(PlanDocument::of(Bench::plan('pressed-masa', ...$wished))->json, 'label.serving.each');
        self::assertSame(3, $each(RequestChange::pieces(14)), '110 / 43');
        self::assertSame(2, $each(RequestChange::pieces(14), RequestChange::pieceOf(60)));
        self::assertSame(1, $each(RequestChange::pieces(1)));
    }

    public function test_eaters_are_counted_by_what_each_of_them_takes(): void
    {
        $count = static fn (RequestChange ...$wished): mixed => data_get(PlanDocument::of(Bench::plan('pressed-masa', ...$wished))->json, 'portion.count');
        self::assertSame(12, $count(RequestChange::eaters(4)));
        self::assertSame(8, $count(RequestChange::eaters(4), RequestChange::eachTakes(2)));
        self::assertSame(8, $count(RequestChange::eaters(4), RequestChange::pieceOf(55)), 'two of 55 g each');
    }
}
