<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use PHPUnit\Framework\TestCase;
use StoneMill\Line\Step;
use StoneMill\Plan\RequestChange;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\GriddlePace;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Tally;
use StoneMill\School\ActionKind;
use StoneMill\School\Doneness;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

/** What a cook sees of a face stands beside the clock, and the times of what is still to come follow it. */
final class SignsTest extends TestCase
{
    /** @param list<array{EventKind, float, array<string, mixed>}> $entries kind, seconds, fields */
    private static function after(array $entries, string $style = 'pressed-masa'): BatchState
    {
        $state = BatchState::of(PlannedBatch::of(Bench::sketch($style, RequestChange::roundGriddle(460), RequestChange::pieces(6))), []);
        foreach ($entries as [$kind, $seconds, $fields]) {
            $state = $state->with(Entry::of($kind, $seconds, $fields));
        }

        return $state;
    }

    /** Seconds from the last thing done until that piece's next touch. */
    private static function next(BatchState $state, int $piece): float
    {
        return array_values(array_filter($state->griddle()->steps(), static fn (Step $step): bool => $step->piece === $piece && $step->action !== ActionKind::Lay))[0]->at;
    }

    public function test_one_face_that_is_right_a_fifth_later_moves_the_times_by_hand(): void
    {
        // ln 1.2 = 0.1823; with weights 1/0.12² = 69.4 of the eye and 1/0.15² = 44.4 of the plan the mean is 0.1112: 1.1176 times.
        self::assertEqualsWithDelta(1.1176, GriddlePace::of([[1.2, Doneness::Now]])->factor, 0.001);
        self::assertSame('By what you saw, each lies 12 % longer than planned.', GriddlePace::of([[1.2, Doneness::Now]])->inWords());
        self::assertNull(GriddlePace::of([])->inWords());
    }

    public function test_not_yet_lengthens_too_dark_shortens_and_more_of_the_same_says_it_more_surely(): void
    {
        $random = new Seeded(4);
        for ($round = 0; $round < 200; $round++) {
            $ratio = $random->between(0.6, 1.6);
            self::assertGreaterThan(1.0, GriddlePace::of([[$ratio, Doneness::NotYet]])->factor);
            self::assertLessThan(1.0, GriddlePace::of([[$ratio, Doneness::TooDark]])->factor);
            $off = static fn (int $times): float => abs(log(GriddlePace::of(array_fill(0, $times, [$ratio, Doneness::Now]))->factor / $ratio));
            self::assertLessThanOrEqual($off(3) + 1e-9, $off(9));
            self::assertGreaterThanOrEqual(GriddlePace::of([[$ratio, Doneness::NotYet]])->factor, GriddlePace::of([[$ratio + 0.2, Doneness::NotYet]])->factor);
        }
        // So far off that nothing bears it out: still a number, on its side.
        self::assertLessThan(1.0, GriddlePace::of(array_fill(0, 60, [1e-4, Doneness::Now]))->factor);
        self::assertGreaterThan(1.0, GriddlePace::of(array_fill(0, 60, [1e4, Doneness::Now]))->factor);
    }

    public function test_not_yet_is_looked_at_again_in_a_while_and_the_others_wait_longer_too(): void
    {
        $laid = [[EventKind::Laid, 0.0, ['piece' => 1, 'place' => 1]], [EventKind::Laid, 12.0, ['piece' => 2, 'place' => 2]]];
        $before = self::after($laid);
        $due = 12.0 + self::next($before, 1);
        $told = self::after([...$laid, [EventKind::SignSeen, $due, ['piece' => 1, 'sign' => Doneness::NotYet]]]);
        self::assertGreaterThanOrEqual($due + 4.0 - 1e-9, 12.0 + self::next($told, 1), 'the piece that was looked at');
        self::assertGreaterThan(self::next($before, 2), self::next($told, 2), 'the piece beside it');
        self::assertNotNull(StateJson::griddle($told)['pace']->value);
    }

    public function test_turning_after_not_yet_says_by_itself_that_it_is_time(): void
    {
        $laid = [EventKind::Laid, 0.0, ['piece' => 1, 'place' => 1]];
        $lie = self::next(self::after([$laid]), 1);
        $turned = self::after([$laid, [EventKind::SignSeen, $lie, ['piece' => 1, 'sign' => Doneness::NotYet]], [EventKind::Turned, 1.3 * $lie, ['piece' => 1, 'touch' => 1]]]);
        $signs = $turned->tally()->griddle->signs;
        self::assertSame([Doneness::NotYet, Doneness::Now], array_column($signs, 'sign'));
        self::assertEqualsWithDelta(1.3 * $lie, $signs[1]->seconds, 0.01);
        // It is kept with the batch and carried on without the log.
        self::assertEquals($turned->tally(), Tally::fromText($turned->tally()->toText()));
        // How long the faces lay is still held against the plan, which learning goes by.
        self::assertGreaterThan(1.2, self::after([$laid, [EventKind::SignSeen, $lie, ['piece' => 1, 'sign' => Doneness::NotYet]], [EventKind::Turned, 1.3 * $lie, ['piece' => 1, 'touch' => 1]], [EventKind::Lifted, 2.6 * $lie, ['piece' => 1, 'touch' => 2]]])->griddle()->lieShares()[0]);
    }

    public function test_what_was_said_to_be_right_now_is_not_counted_once_more_by_the_touch(): void
    {
        $state = self::after([
            [EventKind::Laid, 0.0, ['piece' => 1, 'place' => 1]],
            [EventKind::SignSeen, 20.0, ['piece' => 1, 'sign' => Doneness::NotYet]],
            [EventKind::SignSeen, 26.0, ['piece' => 1, 'sign' => Doneness::Now]],
            [EventKind::Turned, 26.2, ['piece' => 1, 'touch' => 1]],
        ]);
        self::assertSame([Doneness::NotYet, Doneness::Now], array_column($state->tally()->griddle->signs, 'sign'));
    }

    public function test_every_touch_of_every_bread_has_something_to_look_for(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $griddle = StateJson::griddle(self::after([], $style->id));
            self::assertCount(count($griddle['reasons']), $griddle['signs'], $style->id);
            foreach ($griddle['signs'] as $sign) {
                self::assertNotSame('', $sign['look']->value);
            }
        }
    }
}
