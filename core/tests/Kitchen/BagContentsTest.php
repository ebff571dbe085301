<?php

declare(strict_types=1);

namespace StoneMill\Tests\Kitchen;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Kitchen\BagContents;
use StoneMill\Kitchen\Shopping;
use StoneMill\Measure\Unit;
use StoneMill\Plan\BatchPlan;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What is left in a bag, what a batch says of it, and what is to be bought. */
final class BagContentsTest extends TestCase
{
    public function test_what_was_weighed_out_is_gone_and_never_more_than_was_there(): void
    {
        self::assertSame(736.0, BagContents::left(1000, 264));
        self::assertSame(0.0, BagContents::left(1000, 1003.2));
        self::assertNull(BagContents::left(null, 264), 'nobody said what was in it');
        self::assertTrue(BagContents::isPast('2026-03-01', '2026-03-02'));
        self::assertFalse(BagContents::isPast('2026-03-02', '2026-03-02'), 'the day itself still counts');
    }

    public function test_a_plan_says_for_how_many_pieces_a_bag_is_enough_and_offers_to_make_those(): void
    {
        $request = ['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'percent' => 100, 'lot' => 'sack'], ['ingredient' => 'salt', 'percent' => 1.2]]]];
        $with = static fn (?float $left): array => [...$request, 'lots' => ['sack' => ['certified_gluten_free' => true, ...($left === null ? [] : ['left_grams' => $left])]]];
        $plan = Bench::sketchOf($with(null));
        self::assertSame([], self::short($plan));
        $flour = $plan->dough->ledger->rows[0]->line->grams;
        self::assertSame([], self::short(Bench::sketchOf($with($flour))), 'just enough is enough');

        // 200 g in the bag of the 264 g that 14 pieces take: 14 · 200 / 264 = 10.6, so ten whole ones.
        $short = self::short(Bench::sketchOf($with(200.0)));
        self::assertCount(1, $short);
        self::assertSame([200.0, round($flour, 4), Unit::Gram->value], [$short[0]['value']->number(), $short[0]['limit']->number(), $short[0]['unit']->text()]);
        self::assertSame(['pieces' => ['count' => (int) floor(14 * 200 / $flour), 'eaters' => null]], $short[0]['mend']['change']->value);
        self::assertStringContainsString('enough for 10 of 14 pieces', $short[0]['text']->text());
        $mended = Bench::sketchOf([...$with(200.0), 'pieces' => ['count' => 10]]);
        self::assertSame([], self::short($mended), 'what it offers is mended by it');
    }

    public function test_what_several_batches_take_together_is_held_against_all_bags_and_what_nobody_weighed_is_not_guessed(): void
    {
        $needs = [
            ['ingredient' => 'teff', 'name' => 'Teff flour', 'grams' => 200.0],
            ['ingredient' => 'oat', 'name' => 'Oat flour', 'grams' => 300.0],
            ['ingredient' => 'teff', 'name' => 'Teff flour', 'grams' => 150.0],
            ['ingredient' => 'salt', 'name' => 'Salt', 'grams' => 4.0],
            ['ingredient' => 'rice-white', 'name' => 'White rice flour', 'grams' => 90.0],
        ];
        self::assertSame(
            [['ingredient' => 'teff', 'name' => 'Teff flour', 'needs_grams' => 350.0, 'left_grams' => 220.0, 'lacks_grams' => 130.0], ['ingredient' => 'rice-white', 'name' => 'White rice flour', 'needs_grams' => 90.0, 'left_grams' => 0.0, 'lacks_grams' => 90.0]],
            (new Shopping($needs, ['teff' => 220.0, 'oat' => null, 'rice-white' => 0.0]))->lacks(),
        );
        self::assertSame([], (new Shopping([], ['teff' => 1.0]))->lacks());
    }

    /** @return list<Said> warnings of bags */
    private static function short(BatchPlan $plan): array
    {
        return array_values(array_filter(Said::at(PlanDocument::of($plan)->json, 'warnings')->listed(), static fn (Said $warning): bool => str_starts_with($warning['id']->text(), 'bag-short')));
    }
}
