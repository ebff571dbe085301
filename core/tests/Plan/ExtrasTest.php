<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\Plan\CostPart;
use StoneMill\Document\Plan\LabelPart;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Label\GlutenStatus;
use StoneMill\Label\Hazard;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Warning;
use StoneMill\School\ExtraPlace;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What goes onto, into or around the pieces is weighed, costs, is eaten and is declared as the dough is. */
final class ExtrasTest extends TestCase
{
    private const DOUGH = [['ingredient' => 'instant-masa-fine', 'grams' => 250], ['ingredient' => 'water', 'grams' => 300]];

    /**
     * @param list<array<string, mixed>>|null $extras
     * @param array<string, mixed> $more
     */
    private static function plan(?array $extras, array $more = []): BatchPlan
    {
        return Bench::planOf(array_replace_recursive([
            'style' => 'pressed-masa', 'pieces' => ['count' => 10], 'griddle' => ['weight_loss_percent' => 16],
            'formula' => ['lines' => self::DOUGH, ...$extras === null ? [] : ['extras' => $extras]],
        ], $more));
    }

    private static function facts(BatchPlan $plan, string $basis = 'per_piece'): Said
    {
        return Said::at((new LabelPart($plan->label))->json(1), $basis);
    }

    public function test_flour_that_lies_loose_on_hot_metal_is_said_to_colour_first(): void
    {
        $ids = static fn (float $celsius, array $extras): array => array_map(static fn ($warning): string => $warning->id, Bench::planOf(['style' => 'millet-round', 'griddle' => ['surface_celsius' => $celsius], 'formula' => ['extras' => $extras]])->warnings);
        $dusted = [['ingredient' => 'rice-white', 'place' => 'dusting']];
        self::assertContains('dusting-browns', $ids(225, $dusted), 'a pinch of flour browns there within fifteen seconds');
        self::assertNotContains('dusting-browns', $ids(205, $dusted));
        self::assertNotContains('dusting-browns', $ids(225, []));
    }

    public function test_fat_for_the_faces_is_on_the_label_by_hand(): void
    {
        // 4 g of oil for each piece, of which 85 % is eaten: 3.4 g, all of it fat, of 3,699 kJ in 100 g: 125.8 kJ.
        $bare = self::plan([]);
        $fat = self::plan([['ingredient' => 'sunflower-oil', 'place' => 'faces', 'grams_each' => 4]]);
        self::assertEqualsWithDelta(self::facts($bare)['fat_grams']['value']->number() + 3.4, self::facts($fat)['fat_grams']['value']->number(), 0.001);
        self::assertEqualsWithDelta(self::facts($bare)['energy_kj']['value']->number() + 125.8, self::facts($fat)['energy_kj']['value']->number(), 0.05);
        self::assertEqualsWithDelta(self::facts($bare)['grams']['value']->number() + 3.4, self::facts($fat)['grams']['value']->number(), 0.001);
        // 40 g stand ready for ten pieces.
        self::assertSame(40.0, $fat->piece->extras[0]->grams());
        // In 100 g as eaten there is what a piece has, by its own weight.
        self::assertEqualsWithDelta(100 * self::facts($fat)['fat_grams']['value']->number() / self::facts($fat)['grams']['value']->number(), self::facts($fat, 'per_100_g')['fat_grams']['value']->number(), 0.01);
    }

    public function test_dusting_with_wheat_is_wheat_and_the_caution_says_so(): void
    {
        $plan = self::plan([['ingredient' => 'wheat', 'place' => 'dusting']]);
        self::assertSame(GlutenStatus::ContainsWheat, $plan->label->gluten);
        self::assertContains(Hazard::Wheat->value, array_column(array_map(static fn ($caution): array => ['id' => $caution->id], $plan->cautions), 'id'));
    }

    public function test_a_made_up_filling_without_a_certificate_leaves_cross_contact_unknown(): void
    {
        $certified = ['formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'grams' => 250, 'lot' => 'bag'], ['ingredient' => 'water', 'grams' => 300]]], 'lots' => ['bag' => ['certified_gluten_free' => true]]];
        self::assertSame(GlutenStatus::AllCertified, self::plan([], $certified)->label->gluten);
        $filled = self::plan([['ingredient' => 'sausage-cooked', 'place' => 'filling', 'grams_each' => 15]], $certified)->label;
        self::assertSame(GlutenStatus::CrossContactUnknown, $filled->gluten);
        self::assertSame(['Spiced sausage, cooked, crumbled'], $filled->uncertified);
    }

    public function test_an_allergen_of_the_filling_or_of_what_comes_last_is_declared(): void
    {
        foreach ([['fresh-cheese', 'filling'], ['butter', 'after'], ['sesame', 'coating']] as [$ingredient, $place]) {
            $plan = self::plan([['ingredient' => $ingredient, 'place' => $place]]);
            self::assertNotSame([], $plan->label->allergensBeyond(self::plan([])->label), "$ingredient $place");
            self::assertContains($ingredient, array_map(static fn ($extra): string => $extra->ingredient->id, $plan->piece->extras));
        }
    }

    public function test_the_cost_of_one_flour_for_dough_and_dusting_is_that_of_all_of_it(): void
    {
        // 250 g in the dough and 5 g on each of ten pieces: 300 g at 4.00 the kilogram.
        $lines = [['ingredient' => 'instant-masa-fine', 'grams' => 250, 'lot' => 'bag'], ['ingredient' => 'water', 'grams' => 300]];
        $plan = self::plan([['ingredient' => 'instant-masa-fine', 'place' => 'dusting', 'grams_each' => 5, 'lot' => 'bag']], [
            'formula' => ['lines' => $lines], 'lots' => ['bag' => ['certified_gluten_free' => true, 'price_per_kg' => 4, 'left_grams' => 280]],
        ]);
        self::assertEqualsWithDelta(1.20, Said::at((new CostPart($plan->cost))->json(10), 'batch.value')->value, 1e-9);
        // The bag has enough for the dough alone, and not for both.
        self::assertContains('bag-short-instant-masa-fine', array_map(static fn (Warning $warning): string => $warning->id, $plan->warnings));
        self::assertSame(GlutenStatus::AllCertified, $plan->label->gluten);
    }

    public function test_a_way_of_greasing_brings_its_own_fat_unless_the_cook_says_what_there_is(): void
    {
        $method = ['formula' => ['method' => ['grease' => 'fat_each_side']]];
        [$unsaid, $none] = [self::plan(null, $method), self::plan([], $method)];
        self::assertSame([ExtraPlace::Faces], array_map(static fn ($extra): ExtraPlace => $extra->place, $unsaid->piece->extras));
        self::assertSame([], $none->piece->extras);
        self::assertGreaterThan(self::facts($none)['fat_grams']['value']->number() + 1, self::facts($unsaid)['fat_grams']['value']->number());
    }

    public function test_a_filled_bread_is_planned_as_it_is_closed_and_pressed(): void
    {
        $bare = self::plan([], ['style' => 'patted-masa']);
        $filled = self::plan([['ingredient' => 'fresh-cheese', 'place' => 'filling', 'grams_each' => 25]], ['style' => 'patted-masa']);
        $stuffed = $filled->piece->stuffed;
        self::assertNotNull($stuffed);
        self::assertTrue($stuffed->holds());
        self::assertEqualsWithDelta($bare->portions->pieceGrams() + 25, $filled->disc->grams, 1e-6);
        self::assertEqualsWithDelta($filled->disc->thicknessMillimetres, $stuffed->disc()->thicknessMillimetres, 1e-9);
        self::assertGreaterThan($bare->disc->thicknessMillimetres, $filled->disc->thicknessMillimetres);
        // A thicker bread lies longer.
        self::assertGreaterThan($bare->turns->lift->atSeconds, $filled->turns->lift->atSeconds);
        // The dough is divided without its filling.
        self::assertEqualsWithDelta($bare->portions->pieceGrams(), $filled->portions->pieceGrams(), 1e-9);
        // The protein of 25 g of cheese is in the piece.
        $cheese = Bench::reference()->catalogue->ingredient('fresh-cheese')->composition->proteinGrams;
        self::assertEqualsWithDelta(self::facts($bare)['protein_grams']['value']->number() + 0.25 * $cheese, self::facts($filled)['protein_grams']['value']->number(), 0.001);
    }

    public function test_a_filling_that_bursts_the_wall_is_warned_of_with_a_thickness_that_holds(): void
    {
        $extras = [['ingredient' => 'fresh-cheese', 'place' => 'filling', 'grams_each' => 40]];
        $thin = self::plan($extras, ['pieces' => ['thickness_mm' => 3]]);
        $warning = array_values(array_filter($thin->warnings, static fn (Warning $one): bool => $one->id === 'filling-bursts'))[0] ?? null;
        self::assertNotNull($warning?->mend);
        $mended = self::plan($extras, $warning->mend->change->patch());
        self::assertNotContains('filling-bursts', array_map(static fn (Warning $one): string => $one->id, $mended->warnings));
    }

    public function test_much_dusting_flour_makes_the_outside_drier_by_hand(): void
    {
        // 120 % of water on 250 g; 10 g on each of ten pieces, of which 60 % stays: 60 g more flour, 300 / 310 = 96.8 %.
        $plan = self::plan([['ingredient' => 'rice-white', 'place' => 'dusting', 'grams_each' => 10]]);
        self::assertEqualsWithDelta(120 - 100 * 300 / 310, $plan->piece->drierPoints($plan->dough), 0.01);
        self::assertContains('dusting-dries', array_map(static fn (Warning $warning): string => $warning->id, $plan->warnings));
    }

    public function test_a_fat_that_the_metal_makes_smoke_is_told_with_a_heat_that_it_bears(): void
    {
        $butter = [['ingredient' => 'butter', 'place' => 'faces']];
        $hot = self::plan($butter, ['griddle' => ['surface_celsius' => 210]]);
        $warning = array_values(array_filter($hot->warnings, static fn (Warning $one): bool => $one->id === 'fat-smokes-butter'))[0] ?? null;
        self::assertSame([210.0, 150.0], [$warning?->value, $warning?->limit]);
        self::assertSame(['griddle' => ['surface_celsius' => 140.0]], $warning?->mend?->change->patch());
        $ghee = self::plan([['ingredient' => 'ghee', 'place' => 'faces']], ['griddle' => ['surface_celsius' => 210]]);
        self::assertStringNotContainsString('smokes', implode(' ', array_map(static fn (Warning $one): string => $one->id, $ghee->warnings)));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string}> */
    public static function refusals(): iterable
    {
        yield 'unknown' => [[['ingredient' => 'sawdust', 'place' => 'dusting']], 'formula.extras[0].ingredient'];
        yield 'nowhere' => [[['ingredient' => 'butter', 'place' => 'pocket']], 'formula.extras[0].place'];
        yield 'two amounts' => [[['ingredient' => 'butter', 'place' => 'after', 'grams' => 20, 'grams_each' => 2]], 'formula.extras[0]'];
        yield 'twice' => [[['ingredient' => 'butter', 'place' => 'after'], ['ingredient' => 'butter', 'place' => 'after']], 'formula.extras[1].ingredient'];
        yield 'lime' => [[['ingredient' => 'calcium-hydroxide', 'place' => 'after']], 'formula.extras[0].ingredient'];
        yield 'more filling than dough closes over' => [[['ingredient' => 'fresh-cheese', 'place' => 'filling', 'grams_each' => 900]], 'formula.extras'];
        yield 'thirteen' => [array_fill(0, 13, ['ingredient' => 'butter', 'place' => 'after']), 'formula.extras'];
    }

    /** @param list<array<string, mixed>> $extras */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_is_refused_with_its_place(array $extras, string $path): void
    {
        try {
            self::plan($extras);
            self::fail('It was planned.');
        } catch (InvalidInput $refused) {
            self::assertSame($path, $refused->errors[0]->path);
        }
    }
}
