<?php

declare(strict_types=1);

namespace StoneMill\Tests\Blend;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Blend\Blend;
use StoneMill\Blend\BlendRequest;
use StoneMill\Blend\BlendSolver;
use StoneMill\Blend\Goal;
use StoneMill\Document\BlendDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Ingredient;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class BlendSolverTest extends TestCase
{
    public function test_the_cheapest_blend_of_two_flours_is_where_the_wish_just_holds(): void
    {
        // Rice has 6.0 g protein, chickpea 22.4 g. 12 g in 100 g: 6 + 16.4 s = 12, s = 36.585 % chickpea.
        $blend = self::solve(['style' => 'rice-round', 'larder' => ['rice-white', 'chickpea'], 'protein_least' => 12, 'goal' => 'cheapest', 'prices' => ['rice-white' => 2, 'chickpea' => 5], 'binding_least' => 0]);
        self::assertSame(['rice-white', 'chickpea'], array_column(array_column($blend->lines, 'ingredient'), 'id'));
        self::assertEqualsWithDelta(36.585, $blend->lines[1]['percent'], 0.01);
        // 2 · 0.63415 + 5 · 0.36585 = 3.0976 a kg
        self::assertEqualsWithDelta(3.0976, (new BlendDocument($blend))->json()['price_per_kg'], 0.001);
    }

    public function test_every_wish_is_met_by_what_is_found(): void
    {
        $blend = self::solve([
            'style' => 'cassava-wrap', 'without' => ['tree_nuts', 'egg', 'sesame'], 'net_carbohydrate_most' => 45, 'protein_least' => 12,
            'fibre_least' => 8, 'at_least' => ['cassava' => 40], 'at_most' => ['lupin' => 10], 'goal' => 'least_binder',
        ]);
        self::assertTrue($blend->isPossible());
        $percent = array_combine(array_column(array_column($blend->lines, 'ingredient'), 'id'), array_column($blend->lines, 'percent'));
        self::assertGreaterThanOrEqual(40 - 0.01, $percent['cassava'] ?? 0);
        self::assertLessThanOrEqual(10 + 0.01, $percent['lupin'] ?? 0);
        self::assertLessThanOrEqual(45.01, $blend->composition()->carbohydrateGrams);
        self::assertGreaterThanOrEqual(11.99, $blend->composition()->proteinGrams);
        self::assertGreaterThanOrEqual(7.99, $blend->composition()->fibreGrams);
        $flour = array_sum(array_map(static fn (array $line): float => $line['ingredient']->role->isFlourBase() ? $line['percent'] : 0.0, $blend->lines));
        self::assertEqualsWithDelta(100, $flour, 0.05);
        foreach ($blend->lines as $line) {
            self::assertLessThanOrEqual($line['ingredient']->mostPercent + 0.01, $line['percent']);
            self::assertSame([], array_intersect(['tree_nuts', 'egg', 'sesame'], array_column($line['ingredient']->allergens, 'value')));
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 25; $seed++) {
            yield "small larder $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_blend_on_a_fine_grid_does_better(int $seed): void
    {
        $seeded = new Seeded($seed);
        $flours = [];
        while (count($flours) < 3) {
            $flours[$seeded->one(['rice-white', 'sorghum', 'chickpea', 'cassava', 'almond-blanched', 'coconut-flour', 'teff', 'lentil', 'sunflower-seed'])] = true;
        }
        $larder = array_keys($flours);
        $request = BlendRequest::read([
            'style' => 'rice-round', 'larder' => $larder, 'binding_least' => $seeded->between(0, 30), 'swollen_share' => 0.4,
            'net_carbohydrate_most' => $seeded->between(20, 75), 'protein_least' => $seeded->between(4, 16),
            'goal' => $seeded->one(['cheapest', 'least_net_carbohydrate', 'most_protein', 'most_fibre']),
            'prices' => array_combine($larder, [$seeded->between(1, 9), $seeded->between(1, 9), $seeded->between(1, 9)]),
        ], Bench::reference());
        $solver = new BlendSolver($request, $request->bindingLeast ?? 0.0, 90, 0.4);
        $blend = $solver->solve();
        $best = self::bestOnGrid($request, $solver);
        if ($best === null) {
            // The grid may miss a sliver; a blend that is found anyway must still be one.
            self::assertTrue(! $blend->isPossible() || count($blend->lines) > 0);

            return;
        }
        self::assertTrue($blend->isPossible());
        $cost = array_sum(array_map(static fn (array $line): float => $line['percent'] * $request->goal->costOf($line['ingredient'], $request->prices[$line['ingredient']->id]), $blend->lines));
        self::assertLessThanOrEqual($best + 2e-3 * max(1, abs($best)), $cost);
    }

    public function test_wishes_that_clash_are_named_and_giving_up_any_one_mends_it(): void
    {
        $wishes = ['style' => 'cassava-wrap', 'at_least' => ['cassava' => 60], 'net_carbohydrate_most' => 20, 'protein_least' => 8, 'fibre_least' => 3];
        $blend = self::solve($wishes);
        self::assertFalse($blend->isPossible());
        $clash = array_column($blend->clash, 'id');
        self::assertContains('at_least', $clash);
        self::assertContains('net_carbohydrate_most', $clash);
        self::assertNotContains('fibre_least', $clash, 'a wish that has nothing to do with it');
        foreach (array_intersect($clash, array_keys($wishes)) as $wish) {
            self::assertTrue(self::solve(array_diff_key($wishes, [$wish => true]))->isPossible(), "without $wish");
        }
    }

    public function test_a_larder_without_any_flour_that_may_be_used_says_so(): void
    {
        $blend = self::solve(['style' => 'almond-wrap', 'larder' => ['almond-blanched', 'hazelnut'], 'without' => ['tree_nuts']]);
        self::assertSame(['larder'], array_column($blend->clash, 'id'));
    }

    public function test_wheat_comes_in_only_if_the_larder_names_it(): void
    {
        $ids = static fn (BlendRequest $request): array => array_map(static fn (Ingredient $one): string => $one->id, $request->candidates);
        self::assertNotContains('wheat', $ids(BlendRequest::read(['style' => 'rice-round'], Bench::reference())));
        self::assertContains('wheat', $ids(BlendRequest::read(['style' => 'rice-round', 'larder' => ['wheat']], Bench::reference())));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no style' => [['style' => 'bun'], 'style'];
        yield 'cheap without prices' => [['style' => 'rice-round', 'goal' => 'cheapest'], 'prices'];
        yield 'more than all' => [['style' => 'rice-round', 'at_least' => ['sorghum' => 120]], 'at_least.sorghum'];
        yield 'unknown flour' => [['style' => 'rice-round', 'larder' => ['dust']], 'larder[0]'];
        yield 'a goal nobody has' => [['style' => 'rice-round', 'goal' => 'tastiest'], 'goal'];
        yield 'not a number' => [['style' => 'rice-round', 'protein_least' => NAN], 'protein_least'];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('wrong')]
    public function test_bad_wishes_are_refused_by_name(array $document, string $path): void
    {
        try {
            BlendRequest::read($document, Bench::reference());
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertContains($path, array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    public function test_each_goal_prefers_what_it_says(): void
    {
        $rice = Bench::reference()->catalogue->ingredient('rice-white');
        $almond = Bench::reference()->catalogue->ingredient('almond-blanched');
        self::assertLessThan(Goal::LeastNetCarbohydrate->costOf($rice, 2), Goal::LeastNetCarbohydrate->costOf($almond, 14));
        self::assertLessThan(Goal::MostProtein->costOf($rice, 2), Goal::MostProtein->costOf($almond, 14));
        self::assertLessThan(Goal::Cheapest->costOf($almond, 14), Goal::Cheapest->costOf($rice, 2));
    }

    /** @param array<string, mixed> $document */
    private static function solve(array $document): Blend
    {
        $request = BlendRequest::read($document, Bench::reference());

        return (new BlendSolver($request, $request->bindingLeast ?? $request->style->bindingNeeded, $request->style->gummyAbove, 0.5))->solve();
    }

    private static function bestOnGrid(BlendRequest $request, BlendSolver $solver): ?float
    {
        $best = null;
        for ($a = 0; $a <= 100; $a++) {
            for ($b = 0; $b <= 100 - $a; $b++) {
                $x = [$a, $b, 100 - $a - $b];
                foreach ($solver->wishes() as $wish) {
                    foreach ($wish->rows as ['row' => $row, 'most' => $most]) {
                        if ($most + 1e-9 < $row[0] * $x[0] + $row[1] * $x[1] + $row[2] * $x[2]) {
                            continue 3;
                        }
                    }
                }
                $cost = 0.0;
                foreach ($request->candidates as $index => $one) {
                    $cost += $x[$index] * $request->goal->costOf($one, $request->prices[$one->id]);
                }
                $best = min($best ?? INF, $cost);
            }
        }

        return $best;
    }
}
