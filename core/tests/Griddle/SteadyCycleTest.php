<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\RestingIron;
use StoneMill\Griddle\Griddling;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\SteadyCycle;
use StoneMill\Griddle\Windows;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\RequestChange;
use StoneMill\Plan\Warning;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Load after load on one griddle: what it takes to keep it hot, and how hot it stays. */
final class SteadyCycleTest extends TestCase
{
    /** @return iterable<string, array{string, Burner}> */
    public static function everyStyleOnEveryBurner(): iterable
    {
        foreach (Bench::reference()->styles->all() as $style) {
            if ($style->method->turns !== TurnSchool::BroilerThenOven) {
                foreach (Burner::cases() as $burner) {
                    yield "$style->id, $burner->value" => [$style->id, $burner];
                }
            }
        }
    }

    #[DataProvider('everyStyleOnEveryBurner')]
    public function test_eight_loads_after_one_another_find_the_metal_as_the_plan_says(string $style, Burner $burner): void
    {
        $laying = SteadyCycle::settled(self::laying($style, $burner));
        $stride = $laying->stride ?? self::fail('Nothing was settled.');
        $touches = (new ModelTurnPlanner)->bake($laying)->touches;
        [$place, $bare] = [$stride->laidCelsius, $stride->bareCelsius];
        for ($load = 0; $load < 8; $load++) {
            $work = Griddling::lay($laying, patchCelsius: $place, bareCelsius: $bare);
            $work->follow($touches);
            $metal = RestingIron::after($work->bake);
            $metal->rest(SteadyCycle::GAP_SECONDS);
            [$place, $bare] = [$metal->celsius(), $metal->bareCelsius()];
        }
        self::assertEqualsWithDelta($stride->bareCelsius, $bare, 3, 'the bare metal');
        self::assertEqualsWithDelta($stride->laidCelsius, $place, 3, 'the place that the piece before has left');
        // The first load's time is told without another bake; baked, it takes as long.
        $rough = new ModelTurnPlanner(Mesh::rough($laying->thicknessMillimetres()), Windows::Least);
        $first = $rough->bake($laying->inStride($stride->onFreshMetal()))->liftedAtSeconds / $rough->bake($laying)->liftedAtSeconds;
        self::assertEqualsWithDelta(min(1.0, $first), $stride->firstShare, 0.03, 'the first load');
    }

    public function test_however_the_flame_is_kept_a_cook_who_holds_the_heat_bakes_the_same_bread(): void
    {
        foreach (['pressed-masa', 'millet-round', 'thick-corn-round', 'raised-round'] as $style) {
            $lifts = array_map(static fn (Burner $burner): float => self::plan($style, ['burner' => $burner->value])->turns->lift->atSeconds, Burner::cases());
            self::assertEqualsWithDelta(max($lifts), min($lifts), 0.18 * max($lifts), $style);
        }
    }

    public function test_the_flame_that_holds_wet_bread_is_worked_out_by_hand(): void
    {
        // A steady round trip keeps nothing in the metal: what the flame gives goes into bread and air. Pressed masa at 230 °C on its own plate:
        // the flame gives P on every part; bare metal loses 26 · (230 − 21) = 5,434 W/m² and hands the rest, P − 5,434, to the places under bread,
        // which cover 0.69 of it. So P = 5,434 · flame_times must be above what the empty metal asks and below what bread at 2.4 kg/m² that
        // loses a sixth of its weight in 103 + 12 s can take: 2.4 · (0.16 · 2,400 + 230) kJ / 115 s = 12.8 kW/m².
        $laying = SteadyCycle::settled(self::laying('pressed-masa', Burner::Home));
        $stride = $laying->stride ?? self::fail('Nothing was settled.');
        $power = $stride->iron->power($stride->bareCelsius, 21.0);
        self::assertEqualsWithDelta($power, 26 * (230 - 21) * $stride->flameTimes(21.0), 1.0);
        $covered = $stride->iron->coveredShare;
        $needed = $covered * 12800 + (1 - $covered) * 5434 + $covered * 8 * (200 - 21);
        self::assertEqualsWithDelta($needed, $power, 0.12 * $needed);
    }

    public function test_a_burner_too_weak_for_the_load_is_said_and_planned_for(): void
    {
        $strong = self::plan('millet-round', ['burner' => 'home', 'burner_watts' => 5000]);
        $weak = self::plan('millet-round', ['burner' => 'home', 'burner_watts' => 800]);
        self::assertNotContains('burner-too-weak', self::ids($strong));
        self::assertContains('burner-too-weak', self::ids($weak));
        self::assertLessThan(220, $weak->turns->surfaceCelsius->value);
        self::assertGreaterThan($strong->turns->lift->atSeconds, $weak->turns->lift->atSeconds);
        // The mend is one tap: planned for the heat there is, nothing is missing.
        $warning = array_values(array_filter($weak->warnings, static fn (Warning $one): bool => $one->id === 'burner-too-weak'))[0];
        $there = Said::at($warning->mend?->change->patch(), 'griddle.surface_celsius')->value;
        self::assertNotContains('burner-too-weak', self::ids(self::plan('millet-round', ['burner' => 'home', 'burner_watts' => 800], ['griddle' => ['surface_celsius' => $there]])));
    }

    public function test_a_pan_under_the_broiler_leaves_nothing_behind_for_the_next(): void
    {
        self::assertNull(self::plan('chickpea-pan-bread', [])->turns->stride);
    }

    private static function laying(string $style, Burner $burner): Laying
    {
        $wished = $burner === Burner::Home ? RequestChange::nothing() : RequestChange::roundGriddle(200, $burner);

        return (new Planner(Bench::reference(), new ModelTurnPlanner))->laying(Bench::request($style, $wished)->read(Bench::reference()));
    }

    /**
     * @param array<string, string|int> $griddle
     * @param array<string, mixed> $more
     */
    private static function plan(string $style, array $griddle, array $more = []): BatchPlan
    {
        return Bench::planOf(['style' => $style, 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 300, ...$griddle]], ...$more]);
    }

    /** @return list<string> */
    private static function ids(BatchPlan $plan): array
    {
        return array_map(static fn (Warning $warning): string => $warning->id, $plan->warnings);
    }
}
