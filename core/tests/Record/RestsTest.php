<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\StateDocument;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\RiseSeen;
use StoneMill\School\RestPlace;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** A dough waits as long as the cook says and where the cook says, once or twice; what it is seen to have grown moves the clock. */
final class RestsTest extends TestCase
{
    /** @param array<string, mixed> $formula */
    private static function plan(string $style, array $formula): BatchPlan
    {
        return Bench::sketchOf(['style' => $style, 'formula' => $formula]);
    }

    /** @return array<string, float> seconds by kind of wait */
    private static function waits(BatchPlan $plan): array
    {
        $waits = [];
        foreach ($plan->line->timeline->actions as $action) {
            $waits[$action->kind->value] = $action->untilSeconds - $action->atSeconds;
        }

        return $waits;
    }

    public function test_free_minutes_stand_above_the_school_and_are_on_the_clock_and_in_the_line(): void
    {
        $plan = self::plan('millet-round', ['rest' => ['minutes' => 35], 'second_rest' => ['minutes' => 12, 'place' => 'cool'], 'stand_minutes' => 20]);
        self::assertSame(35 * 60, $plan->restSeconds);
        $waits = self::waits($plan);
        self::assertEqualsWithDelta(35 * 60, $waits['rest'], 1e-6);
        self::assertEqualsWithDelta(12 * 60, $waits['second_rest'], 1e-6);
        self::assertGreaterThanOrEqual(20 * 60, $waits['cool']);
        $usual = self::plan('millet-round', []);
        self::assertGreaterThan($usual->line->timeline->lengthSeconds() + 12 * 60, $plan->line->timeline->lengthSeconds());
    }

    public function test_a_fridge_cools_the_dough_by_hand_and_it_lies_longer_on_the_griddle(): void
    {
        $request = \StoneMill\Plan\PlanRequest::read(['style' => 'raised-round', 'formula' => ['rest' => ['minutes' => 240, 'place' => 'fridge']]], Bench::reference());
        // Two time constants of two hours: 5 + (28 − 5)·e⁻² = 8.1 °C.
        self::assertEqualsWithDelta(8.11, $request->rests->celsiusAfter(28.0, 240.0, $request->method->rest), 0.01);
        $cold = Bench::plan('millet-round', RequestChange::restOf(600, RestPlace::Fridge));
        $warm = Bench::plan('millet-round', RequestChange::restOf(600, RestPlace::Warm));
        self::assertGreaterThan($warm->turns->lift->atSeconds, $cold->turns->lift->atSeconds);
    }

    public function test_a_warm_place_raises_sooner_and_a_cool_one_later(): void
    {
        $minutes = static fn (string $place): float => self::plan('raised-round', ['rest' => ['place' => $place]])->dough->rise->minutes->likely ?? INF;
        self::assertLessThan($minutes('room'), $minutes('warm'));
        self::assertGreaterThan($minutes('room'), $minutes('cool'));
    }

    public function test_a_rise_that_was_looked_at_ends_between_what_was_planned_and_what_was_seen_by_hand(): void
    {
        // Planned to grow by half in 3,000 s, at 1,500 s it stands at 1.25: ln 1.25 / 1500 = 0.0001488 against ln 1.5 / 3000 = 0.0001352 a second.
        // Weights 1/0.33² = 9.18 and (0.2231 / 0.08)² = 7.78: ln k is their mean, k = 0.0001412, and ln 1.5 / k = 2,871 s.
        self::assertEqualsWithDelta(2871, RiseSeen::seconds(3000, 1.5, 1.25, 1500), 2);
        // Hardly grown after all that time: it takes longer, and never for ever.
        self::assertGreaterThan(3000, RiseSeen::seconds(3000, 1.5, 1.0, 1500));
        self::assertLessThan(6000, RiseSeen::seconds(3000, 1.5, 1.0, 1500));
        self::assertSame(3000.0, RiseSeen::seconds(3000, 1.5, 1.2, 0));
    }

    public function test_what_was_seen_moves_the_clock_of_the_rise_and_the_second_rest_has_its_own(): void
    {
        $plan = PlannedBatch::of(self::plan('raised-round', ['second_rest' => ['minutes' => 15]]));
        $at = static fn (float $seconds): DateTimeImmutable => LogTime::later(new DateTimeImmutable('2026-03-01T11:00:00Z'), $seconds);
        $id = static fn (int $number): string => sprintf('00000000-0000-4000-8000-%012d', $number);
        $state = BatchState::of($plan, [new BatchEvent($id(1), EventKind::RestStarted, $at(0))]);
        $before = new Said((new StateDocument($state))->json());
        $state = $state->with(new BatchEvent($id(2), EventKind::GrowthSeen, $at(600), growth: 1.4));
        $after = new Said((new StateDocument($state))->json());
        self::assertLessThan($before['rest']['ends_at']->text(), $after['rest']['ends_at']->text());
        $rise = $after['clocks']->one('kind', 'rise')['ends_at']->text();
        self::assertSame(substr($after['rest']['ends_at']->text(), 0, 19), substr($rise, 0, 19), 'one clock, one number');
        $second = Said::at((new StateDocument($state->with(new BatchEvent($id(3), EventKind::SecondRestStarted, $at(4000)))))->json(), 'clocks');
        self::assertSame(LogTime::format($at(4900)), $second->one('kind', 'second_rest')['ends_at']->value);
    }
}
