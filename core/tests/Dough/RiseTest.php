<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Dough\Rise;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ActionKind;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class RiseTest extends TestCase
{
    public function test_yeast_works_fastest_at_its_best_and_not_at_all_past_its_ends(): void
    {
        self::assertEqualsWithDelta(1.0, Rise::rate(35), 1e-9);
        self::assertSame(0.0, Rise::rate(4));
        self::assertSame(0.0, Rise::rate(46));
        for ($celsius = 5; $celsius < 35; $celsius++) {
            self::assertLessThan(Rise::rate($celsius + 1), Rise::rate($celsius));
        }
        for ($celsius = 35; $celsius < 45; $celsius++) {
            self::assertGreaterThan(Rise::rate($celsius + 1), Rise::rate($celsius));
        }
    }

    public function test_the_reference_dough_grows_by_half_in_three_quarters_of_an_hour(): void
    {
        // A room as warm as the dough keeps it at 30 °C.
        self::assertEqualsWithDelta(45, Rise::of(30, 30, 1.5, 1.5)->minutes->likely ?? 0.0, 1e-6);
    }

    public function test_growing_to_double_takes_longer_by_the_ratio_of_the_logarithms(): void
    {
        // ln 2 / ln 1.5 = 0.693147 / 0.405465 = 1.709511
        self::assertEqualsWithDelta(45 * 1.709511, Rise::of(30, 30, 1.5, 2)->minutes->likely ?? 0.0, 0.01);
    }

    public function test_a_cooler_room_takes_longer_and_more_yeast_is_faster(): void
    {
        $minutes = static fn (float $dough, float $room, float $yeast): float => Rise::of($dough, $room, $yeast, 1.5)->minutes->likely ?? INF;
        self::assertGreaterThan($minutes(30, 26, 1.5), $minutes(30, 18, 1.5));
        self::assertGreaterThan($minutes(32, 24, 1.5), $minutes(25, 24, 1.5));
        self::assertLessThan($minutes(28, 24, 1.5), $minutes(28, 24, 3));
    }

    public function test_the_band_is_as_wide_as_the_guess(): void
    {
        $minutes = Rise::of(28, 21, 1.5, 1.5)->minutes;
        self::assertNotNull($minutes);
        self::assertGreaterThan(1.5, $minutes->high / $minutes->low);
    }

    public function test_yeast_in_a_cold_room_sleeps_rather_than_taking_forever(): void
    {
        self::assertNull(Rise::of(4, 4, 1.5, 1.5)->minutes);
    }

    public function test_no_yeast_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Rise::of(28, 21, 0, 1.5);
    }

    public function test_a_raised_round_rests_until_it_has_grown_and_the_line_waits_for_it(): void
    {
        $plan = Bench::plan('raised-round');
        $minutes = $plan->dough->rise?->minutes;
        self::assertNotNull($minutes);
        self::assertSame((int) round(60 * $minutes->likely), $plan->restSeconds);
        $rest = array_values(array_filter($plan->line->timeline->actions, static fn ($action): bool => $action->kind === ActionKind::Rest))[0];
        self::assertEqualsWithDelta($plan->restSeconds, $rest->untilSeconds - $rest->atSeconds, 0.5);
    }

    public function test_scalding_water_kills_active_yeast_that_is_woken_in_it(): void
    {
        $ids = static fn (float $celsius, string $yeast): array => Said::at(PlanDocument::of(Bench::plan('raised-round', RequestChange::waterOf($celsius), RequestChange::ofFlour(['blend-plain' => 100, 'psyllium-powder' => 6, $yeast => 2])))->json, 'warnings')->each('id');
        self::assertContains('yeast-dead', $ids(70, 'yeast-active'));
        self::assertContains('yeast-harmed', $ids(52, 'yeast-active'));
        self::assertNotContains('yeast-harmed', $ids(40, 'yeast-active'));
        // Instant yeast goes in with the flour and meets only the dough, which is cooler than the water.
        self::assertNotContains('yeast-harmed', $ids(55, 'yeast-instant'));
    }
}
