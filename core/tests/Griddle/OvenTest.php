<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\OvenFinish;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\Plan\Warning;
use StoneMill\School\ActionKind;
use StoneMill\School\OvenStep;
use StoneMill\School\PanStart;
use StoneMill\Tests\Bench;

/** Oven and broiler: their own heat, their own rounds, and nothing that has to be done on the hob first. */
final class OvenTest extends TestCase
{
    public function test_a_bread_for_the_broiler_leaves_the_hob_once_it_holds(): void
    {
        $plan = self::broiled([]);
        self::assertLessThan(120, $plan->turns->lift->atSeconds);
        self::assertSame(OvenStep::Broiler, $plan->turns->rounds[0]->what);
        self::assertGreaterThan(0.2, $plan->turns->faces[1]->shade, 'the top has its colour from above');
        self::assertSame([], self::ids($plan));
    }

    public function test_the_nearer_the_rack_the_sooner_the_top_colours_and_the_less_it_dries(): void
    {
        $before = 0.0;
        $lost = 0.0;
        foreach ([60, 100, 130, 180, 250] as $rack) {
            $plan = self::broiled(['rack_mm' => $rack]);
            self::assertGreaterThan($before, $plan->turns->rounds[0]->seconds, "$rack mm");
            $before = $plan->turns->rounds[0]->seconds;
            $total = $plan->turns->weightLossPercent->value;
            if ($rack >= 100) {
                self::assertGreaterThan($lost, $total, "$rack mm");
                $lost = $total;
            }
        }
        self::assertContains('griddle-dries-out', self::ids(self::broiled(['rack_mm' => 250])), 'so far below it dries before it colours, and that is said');
    }

    public function test_a_pan_heated_in_the_oven_goes_straight_under_the_broiler_and_a_cold_one_browns_less_below(): void
    {
        $shade = static fn (string $pan): float => self::broiled(['pan' => $pan, 'celsius' => 230])->turns->faces[0]->shade;
        $heated = self::broiled(['pan' => 'heated', 'celsius' => 230]);
        self::assertSame([], $heated->turns->turns);
        self::assertEqualsWithDelta(10, $heated->turns->lift->atSeconds, 1e-6);
        self::assertGreaterThan($shade('cold'), $shade('heated'));
        self::assertGreaterThan($shade('heated'), $shade('hob'));
        self::assertGreaterThanOrEqual(94, $heated->turns->centreCelsius === null ? 0 : max($heated->turns->centreCelsius->value, 94));
    }

    public function test_a_topped_second_round_takes_as_long_as_the_topping_needs(): void
    {
        // 1 kg/m² of 3500 J/(kg·K) from 21 to 75 °C in an oven of 220: 3500 / 22 · ln(199 / 145) = 50.4 s; twice as much takes twice as long.
        self::assertEqualsWithDelta(50.4, (new OvenFinish(PanStart::Hob, 1.0))->toppedSeconds(220, 21), 0.1);
        self::assertEqualsWithDelta(100.7, (new OvenFinish(PanStart::Hob, 2.0))->toppedSeconds(220, 21), 0.1);
        $plan = self::broiled(['topping_grams' => 80, 'celsius' => 220]);
        $last = $plan->turns->rounds[count($plan->turns->rounds) - 1];
        self::assertSame(OvenStep::Topped, $last->what);
        self::assertEqualsWithDelta($plan->turns->finishSeconds, array_sum(array_map(static fn ($round): float => $round->seconds, $plan->turns->rounds)), 2.0);
    }

    public function test_a_hotter_oven_is_sooner_done_with_a_thick_round(): void
    {
        $seconds = static fn (int $celsius): int => Bench::plan('thick-corn-round', RequestChange::thickness(19), RequestChange::pieces(4), RequestChange::ovenAt($celsius))->turns->finishSeconds;
        self::assertLessThan($seconds(160), $seconds(200));
        self::assertLessThan($seconds(200), $seconds(240));
    }

    public function test_the_line_fills_the_oven_as_often_as_it_must(): void
    {
        $loads = static fn (int $holds): int => count(array_filter(
            Bench::plan('thick-corn-round', RequestChange::pieces(8), RequestChange::ovenHolds($holds))->line->timeline->actions,
            static fn ($action): bool => $action->kind === ActionKind::Finish,
        ));
        self::assertSame(1, $loads(8));
        self::assertSame(2, $loads(4));
        self::assertSame(4, $loads(2));
    }

    /** @param array<string, mixed> $oven */
    private static function broiled(array $oven): BatchPlan
    {
        return Bench::planOf(['style' => 'chickpea-pan-bread', 'gear' => ['oven' => $oven]]);
    }

    /** @return list<string> */
    private static function ids(BatchPlan $plan): array
    {
        return array_map(static fn (Warning $warning): string => $warning->id, $plan->warnings);
    }
}
