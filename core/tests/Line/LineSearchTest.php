<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use PHPUnit\Framework\TestCase;
use StoneMill\Line\Action;
use StoneMill\Line\Bottleneck;
use StoneMill\Line\Bound;
use StoneMill\Line\Cooking;
use StoneMill\Line\Crew;
use StoneMill\Line\LineSearch;
use StoneMill\Line\LineTouch;
use StoneMill\Line\PieceWork;
use StoneMill\School\ActionKind;
use StoneMill\School\TurnAction;
use StoneMill\Tests\Seeded;

final class LineSearchTest extends TestCase
{
    public function test_up_to_six_pieces_are_as_quick_as_any_order_at_all(): void
    {
        $ratios = [];
        foreach (self::smallWorks() as $work) {
            foreach ([[1, 1], [1, 2], [1, 3], [2, 1], [2, 2], [2, 3]] as [$hands, $places]) {
                $crew = new Crew($hands, $places);
                // Every order of six pieces on more of both takes a minute to go through, and shows no more than four.
                for ($pieces = 1; $pieces <= ($hands + $places <= 3 ? 6 : 4); $pieces++) {
                    $found = LineSearch::best($work, $crew, $pieces)->seconds;
                    $least = (new EveryOrder($work, $crew, $pieces))->leastSeconds();
                    self::assertGreaterThanOrEqual($least - 1e-6, $found, 'what is found is never quicker than what is possible');
                    self::assertLessThanOrEqual($least + 1e-6, Bound::of($work, $crew, $pieces)->seconds, 'the bound is never above what is possible');
                    $ratios[] = $found / $least;
                }
            }
        }
        self::assertLessThan(1.005, array_sum($ratios) / count($ratios));
        self::assertLessThan(1.08, max([0.0, ...$ratios]));
    }

    public function test_two_hundred_large_batches_come_close_to_the_bound_and_break_no_rule(): void
    {
        $seeded = new Seeded(505);
        $ratios = $reachable = [];
        for ($case = 0; $case < 200; $case++) {
            $work = RandomWork::of($seeded);
            $crew = RandomWork::crew($seeded);
            $pieces = $seeded->int(10, 80);
            $found = LineSearch::best($work, $crew, $pieces);
            $ratios[] = $found->seconds / Bound::of($work, $crew, $pieces)->seconds;
            self::assertGreaterThan(1 - 1e-9, end($ratios));
            if (RandomWork::isReachable($work, $crew)) {
                $reachable[] = end($ratios);
            }
            self::assertKeepsTheRules($found, $work, $crew, $pieces);
        }
        self::assertGreaterThan(130, count($reachable));
        self::assertLessThan(1.05, array_sum($reachable) / count($reachable));
        self::assertLessThan(1.07, array_sum($ratios) / count($ratios), 'and the others are not far off');
    }

    public function test_the_same_batch_is_put_in_the_same_order_every_time(): void
    {
        $work = RandomWork::of(new Seeded(3));
        self::assertEquals(LineSearch::best($work, new Crew(2, 4), 30), LineSearch::best($work, new Crew(2, 4), 30));
    }

    public function test_more_hands_or_more_places_make_it_quicker_on_the_whole_and_never_much_slower(): void
    {
        $seeded = new Seeded(506);
        $gains = [];
        for ($case = 0; $case < 60; $case++) {
            $work = RandomWork::of($seeded);
            [$hands, $places, $pieces] = [$seeded->int(1, 3), $seeded->int(1, 6), $seeded->int(4, 40)];
            $now = LineSearch::best($work, new Crew($hands, $places), $pieces)->seconds;
            foreach ([new Crew($hands + 1, $places), new Crew($hands, $places + 1)] as $more) {
                $gains[] = LineSearch::best($work, $more, $pieces)->seconds / $now;
            }
        }
        self::assertLessThan(0.95, array_sum($gains) / count($gains));
        self::assertLessThan(1.2, max($gains));
    }

    public function test_the_bound_counts_what_it_says(): void
    {
        // One pair of hands, one place: 3 pieces of 8 s on the scale, 20 s on the press, 4 s to lay, turned at 30, off at 60 (4 s each).
        $work = new PieceWork(8.0, 20.0, true, 4.0, [self::touch(TurnAction::Turn, 30), self::touch(TurnAction::Lift, 60)], 6.0, 300.0);
        // Weighed 24, first shaped 44, then two stays of 64 with 6 s to recover, and the last stay: 44 + 2·70 + 64 = 248.
        $bound = Bound::of($work, new Crew(1, 1), 3);
        self::assertSame([248.0, Bottleneck::Griddle], [$bound->seconds, $bound->by]);
        // On five places hands are what counts: 3 weighed and shaped (84), one pair lays two of them before the last: 84 + 2·4 + 64 = 156.
        $bound = Bound::of($work, new Crew(1, 5), 3);
        self::assertSame(156.0, $bound->seconds);
        // Four pairs of hands share one press: 8 + 3·20 + 64 = 132.
        $bound = Bound::of($work, new Crew(4, 5), 3);
        self::assertSame([132.0, Bottleneck::Press], [$bound->seconds, $bound->by]);
    }

    public function test_sixty_pieces_are_found_by_counted_work_not_by_the_clock(): void
    {
        $work = new PieceWork(8.0, 14.0, true, 4.0, [self::touch(TurnAction::Turn, 22), self::touch(TurnAction::Press, 70), self::touch(TurnAction::Lift, 100)], 10.0, 240.0);
        $found = LineSearch::best($work, new Crew(1, 7), 60);
        self::assertCount(60, array_filter($found->actions, static fn (Action $action): bool => $action->kind === ActionKind::Lift));
        self::assertLessThan(1.08, $found->seconds / Bound::of($work, new Crew(1, 7), 60)->seconds);
    }

    private static function assertKeepsTheRules(Cooking $cooking, PieceWork $work, Crew $crew, int $pieces): void
    {
        // Counted by hand: a hundred thousand looks cost more as assertions than the search itself.
        $broken = [];
        $hands = $places = $pressing = [];
        foreach ($cooking->actions as $action) {
            $hands[(int) $action->hands][] = [$action->atSeconds, $action->untilSeconds];
        }
        for ($piece = 1; $piece <= $pieces; $piece++) {
            $own = array_values(array_filter($cooking->actions, static fn (Action $action): bool => $action->piece === $piece));
            $shaped = array_values(array_filter($own, static fn (Action $action): bool => $action->kind === ActionKind::Shape));
            $on = array_values(array_filter($own, static fn (Action $action): bool => $action->place !== null));
            self::assertSame([ActionKind::Lay, ...array_map(static fn (LineTouch $touch): ActionKind => ActionKind::ofTouch($touch->action), $work->touches)], array_column($on, 'kind'));
            $laid = $on[0]->atSeconds;
            $broken['laid before it was hot'][] = $laid < $crew->hotAt - 1e-6;
            foreach ($work->touches as $index => $touch) {
                $after = $on[$index + 1]->atSeconds - $laid;
                $broken['touched outside its window'][] = $after < $touch->from - 1e-6 || $after > $touch->to + 1e-6;
            }
            if ($shaped !== []) {
                $last = $shaped[count($shaped) - 1]->untilSeconds;
                $broken['shaped too late, or dried'][] = $last > $laid + 1e-6 || $laid - $last > $work->dries + 1e-6;
                $broken['shaped before it was weighed'][] = $shaped[0]->atSeconds < $piece * $work->portion - 1e-6;
                foreach ($work->pressed ? $shaped : [] as $part) {
                    $pressing[] = [$part->atSeconds, $part->untilSeconds];
                }
            }
            $places[(int) $on[0]->place][] = [$laid, $on[count($on) - 1]->untilSeconds + $work->recover];
        }
        self::assertLessThanOrEqual($crew->hands, max([0, ...array_keys($hands)]));
        self::assertLessThanOrEqual($crew->places, max([0, ...array_keys($places)]));
        foreach ([...array_values($hands), ...array_values($places), $pressing] as $stretches) {
            sort($stretches);
            for ($index = 1; $index < count($stretches); $index++) {
                $broken['two things at once'][] = $stretches[$index][0] < $stretches[$index - 1][1] - 1e-6;
            }
        }
        self::assertSame([], array_keys(array_filter($broken, static fn (array $looks): bool => in_array(true, $looks, true))));
    }

    private static function touch(TurnAction $action, float $at): LineTouch
    {
        return new LineTouch($action, $action === TurnAction::Lift ? $at : $at - 4, $at, $at + 6, 4.0);
    }

    /** @return list<PieceWork> all times whole ticks of the exhaustive search */
    private static function smallWorks(): array
    {
        $works = [];
        foreach ([
            [16.0, [[12, 16, 20], [40, 44, 52], [64, 64, 72]]],
            [28.0, [[32, 36, 44], [84, 84, 92]]],
            [8.0, [[12, 16, 16], [28, 32, 32], [44, 44, 48]]],
        ] as [$shape, $touches]) {
            $works[] = new PieceWork(0.0, $shape, false, EveryOrder::TICK, array_map(
                static fn (array $touch, int $index): LineTouch => new LineTouch($index === count($touches) - 1 ? TurnAction::Lift : TurnAction::Turn, (float) $touch[0], (float) $touch[1], (float) $touch[2], EveryOrder::TICK),
                $touches,
                array_keys($touches),
            ), 4.0, 10_000.0);
        }

        return $works;
    }
}
