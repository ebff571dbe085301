<?php

declare(strict_types=1);

namespace StoneMill\Tests\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Swap\StandIn;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Another flour, binder, egg, fat or nut at equal binding and feel. */
final class SwapperTest extends TestCase
{
    public function test_egg_out_psyllium_in_worked_by_hand(): void
    {
        // 40 % egg holds 40 · 0.45 = 18 points, as much as 18 / 5 = 3.6 % psyllium husk.
        $option = self::option(['request' => ['style' => 'almond-wrap'], 'replace' => 'egg'], 'psyllium-husk');
        self::assertEqualsWithDelta(3.6, $option['percent']->value, 0.01);
        // The egg brought 40 · 76.2 % = 30.48 points of water. Almond takes 30 · 0.96 (to roll) = 28.8; xanthan asks 4 · 4 = 16 and gets
        // 16 · 28.8 / 44.8 = 10.29; with the husk, 3.6 · 6 = 21.6, both ask 37.6 and get 37.6 · 28.8 / 66.4 = 16.31: 6.02 more.
        $before = Bench::plan('almond-wrap');
        $ledger = $before->dough->ledger;
        self::assertEqualsWithDelta(100 * $ledger->neededGrams() / $ledger->flourBaseGrams + 30.48 + 6.02, $option['hydration_percent']->value, 1.5, 'so far from the style the ledger leads');
        self::assertEqualsWithDelta($before->dough->ledger->bindingIndex(), $option['binding_index']->value, 0.5);
        self::assertContains('Without egg.', $option['differences']->each('text'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function thereAndBack(): iterable
    {
        yield 'egg and flax' => ['almond-wrap', 'egg'];
        yield 'almond' => ['almond-wrap', 'almond-blanched'];
        yield 'xanthan' => ['almond-coconut-wrap', 'xanthan'];
        yield 'sorghum' => ['millet-round', 'sorghum'];
        yield 'masa' => ['pressed-masa', 'instant-masa-fine'];
        yield 'yoghurt' => ['raised-round', 'yoghurt'];
        yield 'oil' => ['cassava-wrap', 'olive-oil'];
        yield 'yeast' => ['raised-round', 'yeast-instant'];
        yield 'a starch' => ['cassava-wrap', 'tapioca-starch'];
        yield 'psyllium' => ['raised-round', 'psyllium-powder'];
    }

    #[DataProvider('thereAndBack')]
    public function test_swapping_there_and_back_returns_within_2_percent(string $style, string $replace): void
    {
        $before = Bench::plan($style);
        $options = self::options(['request' => ['style' => $style], 'replace' => $replace]);
        self::assertNotSame([], $options);
        $had = array_map(static fn ($row): string => $row->line->ingredient->id, $before->dough->ledger->rows);
        foreach (array_slice($options, 0, 5) as $there) {
            if ($there['binding_index']->number() > $before->dough->ledger->bindingIndex() + 0.5) {
                // It holds better by itself, and there was no binder to take out: the way back keeps that hold with one.
                continue;
            }
            if (in_array($there['ingredient']->text(), $had, true)) {
                // Two lines have become one; the way back cannot know which part of it was which.
                continue;
            }
            $back = array_values(array_filter(
                self::options(['request' => $there['request']->value, 'replace' => $there['ingredient']->value]),
                static fn (Said $option): bool => $option['ingredient']->value === $replace,
            ))[0] ?? null;
            if ($back === null) {
                // So far off by taste or make that it is not among the close ones on the way back.
                continue;
            }
            $after = Bench::planOf($back['request']->value);
            $was = $before->dough->ledger->rows;
            $percent = array_column(array_map(static fn ($row): array => [$row->line->ingredient->id, $row->percent], $after->dough->ledger->rows), 1, 0);
            foreach ($was as $row) {
                self::assertEqualsWithDelta($row->percent, $percent[$row->line->ingredient->id] ?? 0.0, max(0.15, 0.02 * $row->percent), "{$row->line->ingredient->id} by way of {$there['ingredient']}");
            }
            self::assertEqualsWithDelta($before->dough->hydrationPercent(), $after->dough->hydrationPercent(), max(1.0, 0.02 * $before->dough->hydrationPercent()), "water by way of {$there['ingredient']}");
        }
    }

    public function test_every_option_holds_as_well_or_says_how_it_does_not(): void
    {
        foreach (['pressed-masa' => 'instant-masa-fine', 'almond-wrap' => 'almond-blanched', 'oat-round' => 'oat'] as $style => $replace) {
            $index = Bench::plan($style)->dough->ledger->bindingIndex();
            foreach (self::options(['request' => ['style' => $style], 'replace' => $replace]) as $option) {
                $even = abs($option['binding_index']->number() - $index) < 1.01;
                $said = array_filter($option['differences']->texts('text'), static fn (string $text): bool => str_starts_with($text, 'Holds'));
                self::assertTrue($even || $said !== [], $option['ingredient']->text());
            }
        }
    }

    public function test_what_is_at_hand_comes_first(): void
    {
        $options = self::options(['request' => ['style' => 'almond-wrap'], 'replace' => 'egg', 'larder' => ['chia', 'flax']]);
        self::assertSame([true, true, false], array_map(static fn (Said $option): mixed => $option['at_hand']->value, array_slice($options, 0, 3)));
    }

    public function test_what_must_not_be_in_it_is_never_offered_and_neither_is_wheat(): void
    {
        $options = self::options(['request' => ['style' => 'almond-wrap'], 'replace' => 'almond-blanched', 'without' => ['tree_nuts', 'sesame', 'peanut']]);
        $ids = array_map(static fn (Said $option): string => $option['ingredient']->text(), $options);
        self::assertSame([], array_intersect($ids, ['almond-whole', 'hazelnut', 'sesame', 'peanut', 'wheat']));
        self::assertContains('sunflower-seed', $ids);
    }

    public function test_wheat_can_be_swapped_out_and_the_label_says_so(): void
    {
        $request = ['style' => 'millet-round', 'formula' => ['lines' => [['ingredient' => 'sorghum', 'percent' => 70], ['ingredient' => 'wheat', 'percent' => 30]]]];
        $options = self::options(['request' => $request, 'replace' => 'wheat']);
        self::assertNotSame([], $options);
        foreach ($options as $option) {
            self::assertStringNotContainsString('wheat', mb_strtolower($option['gluten']->text()));
        }
    }

    public function test_a_formula_in_grams_keeps_its_grams(): void
    {
        $request = ['style' => 'almond-wrap', 'formula' => ['lines' => [['ingredient' => 'almond-blanched', 'grams' => 180], ['ingredient' => 'xanthan', 'grams' => 7], ['ingredient' => 'egg', 'grams' => 72]]]];
        $option = self::option(['request' => $request, 'replace' => 'almond-blanched'], 'sunflower-seed');
        $lines = $option['request']['formula']['lines'];
        self::assertEqualsWithDelta(180, $lines->one('ingredient', 'sunflower-seed')['grams']->value, 1e-9);
        self::assertEqualsWithDelta(72, $lines->one('ingredient', 'egg')['grams']->value, 1e-9);
    }

    public function test_a_flour_that_is_there_already_becomes_one_line(): void
    {
        $request = ['style' => 'millet-round', 'formula' => ['lines' => [['ingredient' => 'sorghum', 'percent' => 60], ['ingredient' => 'pearl-millet', 'percent' => 40]]]];
        $option = self::option(['request' => $request, 'replace' => 'sorghum'], 'pearl-millet');
        self::assertEqualsWithDelta(100, $option['percent']->value, 1e-6);
    }

    public function test_stand_ins_do_as_much_by_what_they_are_for(): void
    {
        $of = static fn (string $id) => Bench::reference()->catalogue->ingredient($id);
        // Butter is 81.1 % fat, ghee 99.5 %: 10 g of butter is 8.15 g of ghee.
        self::assertEqualsWithDelta(0.8151, StandIn::Fat->ratio($of('butter'), $of('ghee')), 1e-4);
        self::assertEqualsWithDelta(1.25, StandIn::Yeast->ratio($of('yeast-instant'), $of('yeast-active')), 1e-9);
        self::assertNull(StandIn::SameFamily->ratio($of('yoghurt'), $of('vinegar')));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no request' => [['replace' => 'egg'], 'request'];
        yield 'not in it' => [['request' => ['style' => 'rice-round'], 'replace' => 'egg'], 'replace'];
        yield 'water' => [['request' => ['style' => 'rice-round'], 'replace' => 'water'], 'replace'];
        yield 'a larder of dreams' => [['request' => ['style' => 'rice-round'], 'replace' => 'rice-white', 'larder' => ['clouds']], 'larder[0]'];
        yield 'a bad request inside' => [['request' => ['style' => 'rice-round', 'pieces' => ['count' => 0]], 'replace' => 'rice-white'], 'request.pieces.count'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('wrong')]
    public function test_a_swap_that_cannot_be_is_refused_by_name(array $document, string $path): void
    {
        try {
            Bench::ask('swap', $document);
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    /**
     * @param array<string, mixed> $document
     * @return list<Said>
     */
    private static function options(array $document): array
    {
        return Said::at(Bench::ask('swap', $document), 'options')->listed();
    }

    /** @param array<string, mixed> $document */
    private static function option(array $document, string $ingredient): Said
    {
        return Said::at(Bench::ask('swap', $document), 'options')->one('ingredient', $ingredient);
    }
}
