<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\RequestChange;
use StoneMill\Tests\Bench;

/** A formula made larger or smaller by pieces, by the flour at hand, by the dough wanted, or by what is scarce. */
final class ScaleTest extends TestCase
{
    private const GRAMS = ['instant-masa-fine' => 200, 'tapioca-starch' => 50, 'salt' => 3];

    public function test_by_the_flour_at_hand(): void
    {
        $plan = Bench::plan('almond-wrap', RequestChange::flour(310));
        self::assertEqualsWithDelta(310, $plan->dough->ledger->flourBaseGrams, 0.5);
        // Egg is 40 % of the flour: 124 g.
        self::assertEqualsWithDelta(124, self::grams($plan, 'egg'), 0.5);
    }

    public function test_by_the_dough_wanted(): void
    {
        foreach (['pressed-masa', 'rice-round', 'raised-round', 'coconut-psyllium-wrap'] as $style) {
            $plan = Bench::plan($style, RequestChange::dough(900));
            self::assertEqualsWithDelta(900, $plan->portions->mixedGrams, 4, $style);
        }
    }

    public function test_by_what_is_scarce(): void
    {
        // Two egg whites are 66 g; at 25 % of the flour they raise 264 g of flour.
        $plan = Bench::plan('raised-round', RequestChange::limitedBy('egg-white', 66));
        self::assertEqualsWithDelta(264, $plan->dough->ledger->flourBaseGrams, 1);
        self::assertEqualsWithDelta(66, self::grams($plan, 'egg-white'), 0.5);
    }

    public function test_a_formula_in_grams_is_scaled_line_by_line(): void
    {
        $plan = Bench::plan('pressed-masa', RequestChange::weighed(self::GRAMS), RequestChange::flour(500));
        self::assertEqualsWithDelta([400, 100, 6], [self::grams($plan, 'instant-masa-fine'), self::grams($plan, 'tapioca-starch'), self::grams($plan, 'salt')], 1e-6);
        $scarce = Bench::plan('pressed-masa', RequestChange::weighed(self::GRAMS), RequestChange::limitedBy('tapioca-starch', 30));
        self::assertEqualsWithDelta(120, self::grams($scarce, 'instant-masa-fine'), 1e-6);
        $dough = Bench::plan('pressed-masa', RequestChange::weighed(self::GRAMS), RequestChange::dough(700));
        self::assertEqualsWithDelta(700, $dough->portions->mixedGrams, 2);
    }

    public function test_the_pieces_then_share_what_there_is(): void
    {
        $plan = Bench::plan('pressed-masa', RequestChange::flour(300), RequestChange::pieces(12));
        self::assertSame(12, $plan->portions->count);
        self::assertEqualsWithDelta($plan->portions->countdown->readingGrams / 12, $plan->portions->pieceGrams(), 1e-9);
        $sized = Bench::plan('pressed-masa', RequestChange::flour(300), RequestChange::pieceOf(50));
        self::assertEqualsWithDelta(50, $sized->portions->pieceGrams(), 2.5);
    }

    public function test_cups_and_spoons_widen_the_need_and_say_so(): void
    {
        $cups = ['ingredient' => 'rice-white', 'volume' => ['amount' => 2, 'unit' => 'cup_metric', 'fill' => 'scooped']];
        $weighed = Bench::plan('rice-round', RequestChange::weighed(['rice-white' => 320]));
        $spooned = Bench::planOf(['style' => 'rice-round', 'formula' => ['lines' => [$cups]]]);
        // 2 · 250 mL · 0.64 g/mL = 320 g
        self::assertEqualsWithDelta(320, $spooned->dough->ledger->flourBaseGrams, 1e-9);
        self::assertGreaterThan($weighed->dough->ledger->deviationGrams(), $spooned->dough->ledger->deviationGrams());
        self::assertLessThan($weighed->dough->need->quantile(0.1), $spooned->dough->need->quantile(0.1));
        $says = array_map(static fn ($reason): string => $reason->text, $spooned->dough->waterFigure->because);
        self::assertContains('of which the measuring by volume or eye leaves', $says);
        self::assertNotContains('of which the measuring by volume or eye leaves', array_map(static fn ($reason): string => $reason->text, $weighed->dough->waterFigure->because));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'two sizes' => [['formula' => ['scale' => ['flour_grams' => 100, 'dough_grams' => 200]]], 'formula.scale'];
        yield 'no size' => [['formula' => ['scale' => ['cups' => 2]]], 'formula.scale'];
        yield 'scarce and not in it' => [['formula' => ['scale' => ['limit' => ['ingredient' => 'egg', 'grams' => 50]]]], 'formula.scale.limit.ingredient'];
        yield 'negative flour' => [['formula' => ['scale' => ['flour_grams' => -3]]], 'formula.scale.flour_grams'];
        yield 'count and size on top' => [['formula' => ['scale' => ['flour_grams' => 300]], 'pieces' => ['count' => 4, 'grams_each' => 40]], 'pieces'];
        yield 'salt that wants a silo' => [['formula' => ['lines' => [['ingredient' => 'rice-white', 'percent' => 100], ['ingredient' => 'salt', 'percent' => 0.1]], 'scale' => ['limit' => ['ingredient' => 'salt', 'grams' => 40000]]]], 'formula.scale'];
        yield 'kernels' => [['formula' => ['lines' => [['ingredient' => 'dent-corn', 'grams' => 500]]]], 'formula.lines[0].ingredient'];
    }

    /** @param array<string, mixed> $request */
    #[DataProvider('wrong')]
    public function test_a_size_that_cannot_be_is_refused_by_name(array $request, string $path): void
    {
        try {
            Bench::planOf(['style' => 'pressed-masa', ...$request]);
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    private static function grams(\StoneMill\Plan\BatchPlan $plan, string $ingredient): float
    {
        foreach ($plan->dough->lines as $line) {
            if ($line->ingredient->id === $ingredient) {
                return $line->grams;
            }
        }

        return 0.0;
    }
}
