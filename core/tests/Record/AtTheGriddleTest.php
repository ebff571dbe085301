<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Line\Step;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\GriddlePiece;
use StoneMill\Record\LogTime;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Probe;
use StoneMill\Record\Tally;
use StoneMill\Record\TouchKept;
use StoneMill\School\ActionKind;
use StoneMill\School\Stage;
use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

/** Early, late and missed touches, pauses, probes, and what a day's log says of a cook's hands. */
final class AtTheGriddleTest extends TestCase
{
    /** @return non-empty-list<TurnWindow> faces lie 20, 40 and 30 s */
    private static function touchesPlanned(): array
    {
        return [new TurnWindow(TurnAction::Turn, 20.0, 16.0, 25.0), new TurnWindow(TurnAction::Turn, 60.0, 55.0, 68.0), new TurnWindow(TurnAction::Lift, 90.0, 85.0, 100.0)];
    }

    /** @return iterable<string, array{list<float>, list<float>}> touches as they happened, and the touches still due, since laid */
    public static function touches(): iterable
    {
        yield 'as planned' => [[20], [60, 90]];
        yield 'twelve seconds late: the other face has its 40, the first one 12 less' => [[32], [72, 90]];
        yield 'six seconds early: the first face has 6 more at the end' => [[14], [54, 90]];
        yield 'so late that the first face is through: it lies five seconds more and no longer' => [[70], [110, 115]];
        yield 'both late: the first face is owed nothing that the second took' => [[20, 75], [105]];
        yield 'turned once more than planned: what is next is the lift' => [[20, 60, 80], [110]];
    }

    /**
     * @param list<float> $happened
     * @param list<float> $due
     */
    #[DataProvider('touches')]
    public function test_each_face_still_gets_its_own_share(array $happened, array $due): void
    {
        $laid = new DateTimeImmutable('2026-03-01T11:00:00Z');
        $piece = array_reduce($happened, static fn (GriddlePiece $so, float $at): GriddlePiece => $so->touched(LogTime::later($laid, $at), false), GriddlePiece::laid(1, 1, $laid));
        self::assertEqualsWithDelta($due, array_column($piece->due(self::touchesPlanned(), $laid), 'at'), 1e-6);
    }

    public function test_a_touch_is_in_time_early_late_or_missed_by_its_window(): void
    {
        $laid = new DateTimeImmutable('2026-03-01T11:00:00Z');
        $kept = static fn (float $at): TouchKept => GriddlePiece::laid(1, 1, $laid)->touched(LogTime::later($laid, $at), false)->kept(self::touchesPlanned())[0]['kept'];
        self::assertSame(
            [TouchKept::Early, TouchKept::OnTime, TouchKept::OnTime, TouchKept::Late, TouchKept::Missed],
            [$kept(10), $kept(16), $kept(25), $kept(40), $kept(66)],
        );
        $late = GriddlePiece::laid(1, 1, $laid)->touched(LogTime::later($laid, 40.0), false)->kept(self::touchesPlanned())[0];
        self::assertSame([1, 20.0], [$late['touch'], $late['off_seconds']]);
    }

    public function test_whatever_hands_did_the_rest_is_planned_with_one_thing_at_a_time_for_each_pair(): void
    {
        $seeded = new Seeded(77);
        for ($case = 0; $case < 40; $case++) {
            $plan = PlannedBatch::of(Bench::sketch($seeded->one(['pressed-masa', 'rice-round']), RequestChange::roundGriddle($seeded->between(200, 560)), RequestChange::pieces(12), RequestChange::hands($seeded->int(1, 3))));
            $events = [];
            $now = 0.0;
            for ($done = $seeded->int(0, 25); $done > 0; $done--) {
                $step = BatchState::of($plan, $events)->griddle()->steps()[0] ?? null;
                if ($step === null) {
                    break;
                }
                // Now and then far too early, now and then far too late.
                $now += $seeded->between(1, 45);
                $events[] = self::event($step->touch === 0 ? EventKind::Laid : ($step->action === ActionKind::Lift ? EventKind::Lifted : EventKind::Turned), $now, ['piece' => $step->piece, 'place' => $step->touch === 0 ? $step->place : null]);
            }
            $steps = BatchState::of($plan, $events)->griddle()->steps();
            $work = $plan->pieceWork();
            $busy = [];
            foreach ($steps as $step) {
                $length = ($work->touches[$step->touch - 1] ?? null)->hands ?? $work->lay;
                if ($step->at >= 0) {
                    $busy[] = [$step->at, 1];
                    $busy[] = [$step->at + $length - 1e-3, -1];
                }
            }
            sort($busy);
            $together = 0;
            foreach ($busy as [, $change]) {
                $together += $change;
                self::assertLessThanOrEqual($plan->hands, $together);
            }
        }
    }

    public function test_a_first_piece_is_due_when_it_was_foretold_before_it_was_laid(): void
    {
        // On metal that nothing has cooled yet all touches come sooner; the page counts down by what was foretold until the house has answered.
        $plan = PlannedBatch::of(Bench::plan('pressed-masa', RequestChange::roundGriddle(380), RequestChange::pieces(12)));
        $first = static fn (BatchState $state): array => array_values(array_filter($state->griddle()->steps(), static fn (Step $step): bool => $step->piece === 1));
        $foretold = $first(BatchState::of($plan, []));
        $laid = $first(BatchState::of($plan, [self::event(EventKind::Laid, 0, ['piece' => 1, 'place' => $foretold[0]->place])]));
        self::assertLessThan(0.97 * $plan->touches[0]->atSeconds, $laid[0]->at);
        foreach ($laid as $index => $step) {
            self::assertEqualsWithDelta($foretold[$index + 1]->at - $foretold[0]->at, $step->at, 2.0);
        }
    }

    public function test_a_pause_is_one_at_a_time_and_what_is_served_moves_with_it(): void
    {
        $plan = self::planned();
        $laid = self::event(EventKind::Laid, 0, ['piece' => 1, 'place' => 1]);
        $paused = BatchState::of($plan, [$laid, self::event(EventKind::Paused, 10)]);
        self::assertSame('2026-03-01T11:00:10.000Z', StateJson::griddle($paused)['paused_at']->value);
        self::assertSame('Work is paused already.', self::refusal($paused, self::event(EventKind::Paused, 11)));
        $before = BatchState::of($plan, [$laid])->readyAt();
        $after = $paused->with(self::event(EventKind::Resumed, 400));
        self::assertNull(StateJson::griddle($after)['paused_at']->value);
        self::assertNotNull($before);
        self::assertGreaterThan($before, $after->readyAt());
        self::assertSame('Work is not paused.', self::refusal($after, self::event(EventKind::Resumed, 401)));
    }

    public function test_the_same_turn_by_two_cooks_is_taken_once(): void
    {
        $state = BatchState::of(self::planned(), [self::event(EventKind::Laid, 0, ['piece' => 1, 'place' => 1]), self::event(EventKind::Turned, 20, ['piece' => 1, 'touch' => 1])]);
        self::assertSame('This was done already.', self::refusal($state, self::event(EventKind::Turned, 21, ['piece' => 1, 'touch' => 1])));
        self::assertNull(self::refusal($state, self::event(EventKind::Turned, 61, ['piece' => 1, 'touch' => 2])));
    }

    public function test_looking_back_at_an_earlier_stage_makes_nothing_later(): void
    {
        $plan = self::planned();
        $poured = new BatchEvent(id: '00000000-0000-4000-9000-900000000001', kind: EventKind::Poured, at: new DateTimeImmutable('2026-03-01T11:10:00Z'), grams: 300.0);
        $back = new BatchEvent(id: '00000000-0000-4000-9000-900000000002', kind: EventKind::Entered, at: new DateTimeImmutable('2026-03-01T11:15:00Z'), stage: Stage::Measure);
        $ready = BatchState::of($plan, [$poured])->readyAt();
        self::assertEquals(LogTime::later($poured->at, $plan->fromStage(Stage::Mix)), $ready);
        self::assertEquals($ready, BatchState::of($plan, [$poured, $back])->readyAt());
        self::assertNull(BatchState::of($plan, [$back])->readyAt());
    }

    public function test_two_readings_of_the_probe_tell_how_long_still(): void
    {
        $at = new DateTimeImmutable('2026-03-01T11:00:00Z');
        $first = Probe::after(null, 1, $at, 79.0);
        self::assertSame([false, 60.0], [$first->isDone(94.0), $first->waitSeconds(94.0)]);
        // 20 K to go became 10 K in 60 s, so it halves each minute; to 5 K, which is 94 °C, is one minute more.
        $second = Probe::after($first, 1, LogTime::later($at, 60.0), 89.0);
        self::assertEqualsWithDelta(60.0, $second->waitSeconds(94.0), 0.5);
        self::assertTrue(Probe::after($second, 1, LogTime::later($at, 130.0), 94.2)->isDone(94.0));
    }

    public function test_a_piece_that_the_probe_found_too_cool_is_lifted_later_and_no_other(): void
    {
        $plan = PlannedBatch::of(Bench::plan('thick-corn-round', RequestChange::roundGriddle(400), RequestChange::pieces(2), RequestChange::school(TurnSchool::CoveredSlow)));
        self::assertNotNull($plan->wantedCentreCelsius);
        $lift = $plan->touches[count($plan->touches) - 1]->atSeconds;
        $events = [
            self::event(EventKind::Laid, 0, ['piece' => 1, 'place' => 1]),
            self::event(EventKind::Laid, 5, ['piece' => 2, 'place' => 2]),
            self::event(EventKind::Turned, $plan->touches[0]->atSeconds, ['piece' => 1]),
            self::event(EventKind::Turned, $plan->touches[0]->atSeconds + 5, ['piece' => 2]),
        ];
        $lifts = static function (BatchEvent ...$all) use ($plan): array {
            $found = [];
            foreach (BatchState::of($plan, array_values($all))->griddle()->steps() as $step) {
                $found[$step->piece] = $step->action === ActionKind::Lift ? $step->at : $found[$step->piece] ?? 0.0;
            }

            return $found;
        };
        $cool = [...$events, self::event(EventKind::CentreTaken, $lift - 60, ['piece' => 1, 'celsius' => 70.0]), self::event(EventKind::CentreTaken, $lift - 1, ['piece' => 1, 'celsius' => 76.0])];
        self::assertGreaterThan($lifts(...$events)[1] + 60, $lifts(...$cool)[1]);
        self::assertEqualsWithDelta($lifts(...$events)[2], $lifts(...$cool)[2], 6.0);
        $hot = [...$events, self::event(EventKind::CentreTaken, $lift - 60, ['piece' => 1, 'celsius' => 97.0])];
        self::assertEqualsWithDelta($lifts(...$events)[1], $lifts(...$hot)[1], 1e-6);
    }

    public function test_the_log_says_how_quick_hands_are_and_leaves_out_a_walk_to_the_door(): void
    {
        $log = [];
        foreach ([0, 11, 21, 33, 43, 54, 64, 400] as $second) {
            $log[] = self::event(EventKind::Portioned, $second, ['grams' => 500.0]);
        }
        // Gaps of 11, 10, 12, 10, 11 and 10 s; the last one is a walk to the door.
        self::assertSame([11.0, 10.0, 12.0, 10.0, 11.0, 10.0], Tally::of($log)->pace->portionSeconds);
        $lays = array_map(static fn (int $second): BatchEvent => self::event(EventKind::Laid, $second, ['piece' => 1 + intdiv($second, 25), 'place' => 1]), range(0, 175, 25));
        // Each 25 s from one piece laid to the next is 21 s of shaping and 4 s of laying.
        self::assertSame(array_fill(0, 7, 21.0), Tally::of($lays)->pace->shapeSeconds);
    }

    private static function planned(): PlannedBatch
    {
        return PlannedBatch::of(Bench::sketch('pressed-masa', RequestChange::roundGriddle(500), RequestChange::pieces(6), RequestChange::servedAt(new DateTimeImmutable('2026-03-01T11:30:00+00:00'))));
    }

    private static function refusal(BatchState $state, BatchEvent $event): ?string
    {
        $findings = new Findings;
        $state->check($event, Node::root([], $findings));
        try {
            $findings->refuseIfAny();
        } catch (InvalidInput $refused) {
            return $refused->errors[0]->message;
        }

        return null;
    }

    /** @param array{piece?: int, place?: int|null, touch?: int, celsius?: float, grams?: float} $fields */
    private static function event(EventKind $kind, float $second, array $fields = []): BatchEvent
    {
        return Entry::of($kind, $second, $fields);
    }
}
