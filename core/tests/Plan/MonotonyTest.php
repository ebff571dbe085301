<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Texture;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

/** What a cook may rely on, whatever the flour: more of this never asks for less of that. */
final class MonotonyTest extends TestCase
{
    /** @return iterable<string, array{string}> every flour and starch that ships */
    public static function flours(): iterable
    {
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            if ($ingredient->role->isFlourBase()) {
                yield $ingredient->id => [$ingredient->id];
            }
        }
    }

    #[DataProvider('flours')]
    public function test_warmer_water_never_asks_for_less(string $flour): void
    {
        $before = 0.0;
        for ($celsius = 5; $celsius <= 100; $celsius += 5) {
            $need = self::need([$flour => 300], ['water' => ['celsius' => $celsius]]);
            self::assertGreaterThanOrEqual($before - 1e-3, $need, "$celsius °C");
            $before = $need;
        }
    }

    #[DataProvider('flours')]
    public function test_a_drier_room_never_asks_for_less(string $flour): void
    {
        $before = 0.0;
        foreach ([90, 75, 60, 45, 30, 20] as $humidity) {
            $need = self::need([$flour => 300], ['room' => ['celsius' => 22, 'relative_humidity' => $humidity], 'water' => ['celsius' => 30]]);
            self::assertGreaterThanOrEqual($before - 1e-3, $need, "$humidity %");
            $before = $need;
        }
    }

    #[DataProvider('flours')]
    public function test_more_psyllium_never_asks_for_less_and_always_holds_better(string $flour): void
    {
        $needed = 0.0;
        $index = 0.0;
        foreach ([1, 3, 6, 12, 24, 48] as $psyllium) {
            $ledger = self::plan([$flour => 300, 'psyllium-powder' => $psyllium], ['water' => ['celsius' => 30]])->dough->ledger;
            self::assertGreaterThan($needed, $ledger->neededGrams());
            self::assertGreaterThan($index, $ledger->bindingIndex());
            [$needed, $index] = [$ledger->neededGrams(), $ledger->bindingIndex()];
        }
    }

    #[DataProvider('flours')]
    public function test_more_egg_and_more_fat_never_ask_for_more(string $flour): void
    {
        foreach (['egg', 'yoghurt', 'milk', 'butter', 'sunflower-oil', 'potato-boiled'] as $wet) {
            $before = INF;
            foreach ([5, 15, 40, 90] as $grams) {
                $need = self::need([$flour => 300, $wet => $grams], ['water' => ['celsius' => 25]]);
                self::assertLessThanOrEqual($before + 1e-3, $need, "$grams g $wet");
                $before = $need;
            }
        }
    }

    #[DataProvider('flours')]
    public function test_a_surer_cook_pours_more_first(string $flour): void
    {
        $first = static fn (string $measure): float => self::plan([$flour => 300], ['formula' => ['method' => ['measure' => $measure]]])->dough->pour->firstGrams;
        self::assertGreaterThanOrEqual($first('cup'), $first('weight'));
        self::assertGreaterThanOrEqual($first('feel'), $first('cup'));
    }

    public function test_a_smaller_risk_never_pours_more_first_and_the_reserve_is_always_the_rest(): void
    {
        $seeded = new Seeded(31);
        for ($case = 0; $case < 60; $case++) {
            $flour = $seeded->one(['rice-white', 'sorghum', 'instant-masa-fine', 'cassava', 'almond-blanched', 'oat']);
            $before = 0.0;
            foreach ([0.02, 0.05, 0.1, 0.2, 0.4] as $risk) {
                $pour = self::plan([$flour => $seeded->between(100, 600)], ['water' => ['celsius' => 40, 'overshoot_risk' => $risk]])->dough->pour;
                self::assertEqualsWithDelta($pour->grams, $pour->firstGrams + $pour->reserveGrams, 1e-6);
            }
            foreach ([0.02, 0.05, 0.1, 0.2, 0.4] as $risk) {
                $first = self::plan([$flour => 300], ['water' => ['celsius' => 40, 'overshoot_risk' => $risk]])->dough->pour->firstGrams;
                self::assertGreaterThanOrEqual($before, $first);
                $before = $first;
            }
        }
    }

    public function test_every_wet_line_brings_at_most_the_water_it_holds(): void
    {
        foreach (Bench::reference()->catalogue->all() as $ingredient) {
            if ($ingredient->role->isFlourBase() || in_array($ingredient->role, [Role::Water, Role::Kernel, Role::Binder], true)) {
                continue;
            }
            $row = self::plan(['rice-white' => 300, $ingredient->id => 20], ['formula' => ['method' => ['rest' => 'chilled_overnight']]])->dough->ledger->rows[1];
            self::assertLessThanOrEqual($row->ownWaterGrams + 1e-9, $row->bringsGrams, $ingredient->id);
            self::assertSame(0.0, $row->takesGrams, $ingredient->id);
        }
    }

    public function test_the_ledger_closes_for_every_style_and_every_texture(): void
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            foreach (Texture::cases() as $texture) {
                $dough = Bench::sketch($style, RequestChange::texture($texture))->dough;
                $rows = $dough->ledger->rows;
                $taken = array_sum(array_map(static fn ($row): float => $row->takesGrams, $rows));
                $brought = array_sum(array_map(static fn ($row): float => $row->bringsGrams, $rows));
                self::assertEqualsWithDelta($dough->ledger->neededGrams(), $taken - $brought, 1e-6);
                self::assertEqualsWithDelta($dough->need->grams(), $dough->pour->grams, 0.51, "$style $texture->value");
            }
        }
    }

    /**
     * @param array<string, int|float> $grams
     * @param array<string, mixed> $more
     */
    private static function plan(array $grams, array $more): BatchPlan
    {
        $lines = array_map(
            static fn (string $id, int|float $amount): array => ['ingredient' => $id, 'grams' => $amount],
            array_keys($grams),
            array_values($grams),
        );
        $formula = is_array($more['formula'] ?? null) ? $more['formula'] : [];

        return Bench::sketchOf(['style' => 'pressed-masa', ...$more, 'formula' => ['lines' => $lines, ...$formula]]);
    }

    /**
     * @param array<string, int|float> $grams
     * @param array<string, mixed> $more
     */
    private static function need(array $grams, array $more): float
    {
        return self::plan($grams, $more)->dough->ledger->neededGrams();
    }
}
