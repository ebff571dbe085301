<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\Plan\LinePart;
use StoneMill\Line\Action;
use StoneMill\Line\Night;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ActionKind;
use StoneMill\School\Rest;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

/** One batch against the clock: backwards over days, forwards from now, what does not fit, what must not wait. */
final class DayOfWorkTest extends TestCase
{
    /** @return iterable<string, array{string, RequestChange}> */
    public static function longDays(): iterable
    {
        yield 'corn that is steeped' => ['nixtamal-masa', RequestChange::nothing()];
        yield 'a dough chilled overnight' => ['almond-coconut-wrap', RequestChange::school(Rest::ChilledOvernight)];
    }

    #[DataProvider('longDays')]
    public function test_long_waits_are_chosen_so_that_nobody_works_at_night_where_that_can_be(string $style, RequestChange $wished): void
    {
        foreach (['08:00', '12:30', '19:00'] as $time) {
            $serve = new DateTimeImmutable("2026-03-02T$time:00+01:00");
            $plan = Bench::sketch($style, $wished, RequestChange::servedAt($serve));
            self::assertEqualsWithDelta(0.0, Night::workAtNight($plan->line->timeline, $serve), 1.0, $time);
            self::assertSame('2026-03-0', substr((string) $plan->line->startsAt?->format('Y-m-d'), 0, 9), 'it begins a day or so before');
            self::assertEquals($serve, $plan->line->readyAt);
        }
    }

    public function test_a_wait_is_stretched_only_within_its_limits(): void
    {
        $seeded = new Seeded(61);
        for ($case = 0; $case < 40; $case++) {
            $serve = sprintf('2026-03-02T%02d:%02d:00+01:00', $seeded->int(0, 23), $seeded->int(0, 59));
            $steep = self::waits(Bench::sketch('nixtamal-masa', RequestChange::servedAt(new DateTimeImmutable($serve))), 'steep');
            self::assertGreaterThanOrEqual(8 * 3600 - 1, $steep);
            self::assertLessThanOrEqual(16 * 3600 + 1, $steep);
        }
    }

    public function test_forwards_from_a_beginning_it_is_ready_its_length_later(): void
    {
        $plan = Bench::sketch('pressed-masa', RequestChange::begunAt(new DateTimeImmutable('2026-03-02T11:00:00+01:00')));
        self::assertSame('2026-03-02T11:00:00+01:00', $plan->line->startsAt?->format(DATE_RFC3339));
        self::assertSame($plan->line->timeline->lengthSeconds(), (int) $plan->line->readyAt?->getTimestamp() - $plan->line->startsAt->getTimestamp());
    }

    public function test_what_does_not_fit_is_said_with_what_would(): void
    {
        $begun = RequestChange::begunAt(new DateTimeImmutable('2026-03-02T11:00:00+01:00'));
        $asked = static fn (int $pieces, string $servedAt = '2026-03-02T12:00:00+01:00'): BatchPlan => Bench::sketch('pressed-masa', RequestChange::pieces($pieces), RequestChange::servedAt(new DateTimeImmutable($servedAt)), $begun);
        self::assertTrue($asked(14)->line->fit?->fits);
        $late = Said::at((new LinePart($asked(60)->line))->json(), 'fit');
        self::assertFalse($late['fits']->value);
        $nearest = $late['nearest'];
        // What is said to fit does, and one more does not.
        self::assertTrue($asked($nearest['pieces']->whole())->line->fit?->fits);
        self::assertFalse($asked($nearest['pieces']->whole() + 1)->line->fit?->fits);
        self::assertTrue($asked(60, $nearest['ready_at']->text())->line->fit?->fits);
        self::assertStringContainsString('min too few', $late['words'][0]->text());
    }

    public function test_a_dough_that_weakens_is_made_in_lots_that_are_laid_in_time(): void
    {
        $plan = Bench::sketch('amaranth-round', RequestChange::pieces(24));
        $lots = $plan->line->timeline->lots;
        self::assertGreaterThan(1, count($lots));
        self::assertSame(24, array_sum($lots));
        self::assertLessThanOrEqual(1, max([0, ...$lots]) - min([99, ...$lots]), 'as even as can be');
        $kneaded = array_values(array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->kind === ActionKind::Knead));
        self::assertCount(count($lots), $kneaded);
        $laid = array_values(array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->kind === ActionKind::Lay));
        $before = 0;
        foreach ($lots as $lot => $pieces) {
            $before += $pieces;
            self::assertLessThanOrEqual(900 + 1e-6, $laid[$before - 1]->atSeconds - $kneaded[$lot]->untilSeconds, 'a quarter of an hour from the bowl to the griddle');
        }
        self::assertSame([14], Bench::sketch('pressed-masa', RequestChange::pieces(14))->line->timeline->lots);
    }

    public function test_a_batter_is_stirred_after_it_stood_and_again_where_it_stands_long(): void
    {
        $plan = Bench::sketch('buckwheat-batter-round', RequestChange::pieces(40));
        $stirred = array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->kind === ActionKind::Stir);
        self::assertCount(count($plan->line->timeline->lots), $stirred);
        self::assertGreaterThan(1, count($stirred));
        $refilled = array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->kind === ActionKind::Refill);
        self::assertCount(count($stirred) - 1, $refilled, 'and a new jug each time but the first');
    }

    public function test_the_oven_takes_so_many_at_a_time_and_loads_wait_for_it(): void
    {
        $plan = Bench::plan('thick-corn-round', RequestChange::pieces(24), RequestChange::school(TurnSchool::BrownThenOven));
        $loads = array_values(array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->kind === ActionKind::Finish));
        self::assertGreaterThan(1, count($loads));
        foreach (array_slice($loads, 1) as $index => $load) {
            self::assertGreaterThanOrEqual($loads[$index]->untilSeconds - 1e-6, $load->atSeconds);
        }
    }

    public function test_the_metal_is_oiled_before_each_piece_and_its_times_count_from_the_lay(): void
    {
        $plan = Bench::sketch('amaranth-round', RequestChange::pieces(3));
        $actions = $plan->line->timeline->actions;
        foreach ([1, 2, 3] as $piece) {
            $own = array_values(array_filter($actions, static fn (Action $action): bool => $action->piece === $piece && $action->place !== null));
            self::assertSame([ActionKind::Oil, ActionKind::Lay], [$own[0]->kind, $own[1]->kind]);
            self::assertEqualsWithDelta($own[0]->untilSeconds, $own[1]->atSeconds, 1e-9);
            self::assertGreaterThanOrEqual($plan->turns->turns[0]->fromSeconds - 1e-6, $own[2]->atSeconds - $own[1]->atSeconds);
            self::assertGreaterThanOrEqual($plan->turns->lift->atSeconds - 1e-6, $own[count($own) - 1]->atSeconds - $own[1]->atSeconds);
        }
    }

    public function test_a_scald_is_called_a_scald(): void
    {
        $kinds = static fn (string $style): array => array_map(static fn (Action $action): string => $action->kind->value, Bench::sketch($style)->line->timeline->actions);
        self::assertContains('scald', $kinds('rice-round'));
        self::assertContains('pour', $kinds('pressed-masa'));
        self::assertNotContains('scald', $kinds('pressed-masa'));
    }

    public function test_the_cook_s_own_pace_is_what_the_line_goes_by(): void
    {
        $usual = Bench::sketch('rice-round', RequestChange::pieces(20));
        $quick = Bench::sketchOf(['style' => 'rice-round', 'pieces' => ['count' => 20], 'pace' => ['shape' => 12, 'portion' => 5]]);
        self::assertLessThan($usual->line->timeline->readySeconds, $quick->line->timeline->readySeconds);
        self::assertSame([30.0, 12.0], [$usual->line->pace->shape, $quick->line->pace->shape]);
    }

    public function test_help_is_worth_having_from_where_it_is_said_and_not_before(): void
    {
        $line = (new LinePart(Bench::sketch('pressed-masa', RequestChange::pieces(14))->line))->json();
        $from = $line['second_griddle_from'];
        self::assertIsInt($from);
        self::assertGreaterThan(2, $from);
        self::assertNull((new LinePart(Bench::sketch('pressed-masa', RequestChange::pieces(14), RequestChange::hands(4))->line))->json()['second_cook_from']);
    }

    private static function waits(BatchPlan $plan, string $kind): float
    {
        $wait = $plan->line->timeline->wait(ActionKind::from($kind));

        return $wait === null ? 0.0 : $wait->untilSeconds - $wait->atSeconds;
    }
}
