<?php

declare(strict_types=1);

namespace StoneMill\Tests\Line;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Line\Action;
use StoneMill\Line\Timeline;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ActionKind;
use StoneMill\School\Knead;
use StoneMill\School\Rest;
use StoneMill\School\Stage;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;

final class LineBuilderTest extends TestCase
{
    public function test_no_pair_of_hands_ever_does_two_things_at_once(): void
    {
        $seeded = new Seeded(71);
        for ($case = 0; $case < 150; $case++) {
            $plan = self::randomPlan($seeded);
            $byPair = [];
            foreach ($plan->line->timeline->actions as $action) {
                if ($action->hands !== null) {
                    $byPair[$action->hands][] = $action;
                }
            }
            foreach ($byPair as $pair => $actions) {
                self::assertLessThanOrEqual($plan->request->hands, $pair);
                self::assertNoOverlap($actions);
            }
        }
    }

    public function test_no_place_on_the_griddle_ever_holds_two_pieces(): void
    {
        $seeded = new Seeded(72);
        for ($case = 0; $case < 100; $case++) {
            $plan = self::randomPlan($seeded);
            $stays = [];
            foreach ($plan->line->timeline->actions as $action) {
                if ($action->kind === ActionKind::Lay) {
                    $stays[$action->place][$action->piece] = $action;
                }
            }
            foreach ($stays as $laid) {
                self::assertNoOverlap(array_map(
                    static fn (Action $lay): Action => new Action(ActionKind::Lay, Stage::Griddle, $lay->atSeconds, self::lifted($plan->line->timeline, $lay->piece), null, $lay->piece, $lay->place),
                    array_values($laid),
                ));
            }
        }
    }

    public function test_every_piece_is_weighed_shaped_laid_touched_in_its_windows_and_lifted(): void
    {
        $plan = Bench::plan('pressed-masa', RequestChange::roundGriddle(420), RequestChange::pieces(12));
        for ($piece = 1; $piece <= 12; $piece++) {
            $own = array_values(array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->piece === $piece));
            $shaped = array_values(array_filter($own, static fn (Action $action): bool => $action->kind === ActionKind::Shape));
            // Put down for a touch and taken up again, it takes a second longer each time.
            self::assertEqualsWithDelta(14 + count($shaped) - 1, array_sum(array_map(static fn (Action $part): float => $part->untilSeconds - $part->atSeconds, $shaped)), 1e-6);
            $rest = array_values(array_filter($own, static fn (Action $action): bool => $action->kind !== ActionKind::Shape));
            self::assertSame(['portion', 'lay', 'turn', 'press', 'lift'], array_map(static fn (Action $action): string => $action->kind->value, $rest));
            foreach ($plan->turns->touches() as $index => $window) {
                $after = $rest[$index + 2]->atSeconds - $rest[1]->atSeconds;
                self::assertGreaterThanOrEqual($window->fromSeconds - 1e-6, $after);
                self::assertLessThanOrEqual($window->toSeconds + 1e-6, $after);
            }
        }
    }

    public function test_nothing_is_laid_before_the_griddle_is_hot_and_serving_waits_for_the_stack(): void
    {
        $plan = Bench::plan('almond-wrap', RequestChange::school(Rest::None), RequestChange::school(Knead::JustTogether), RequestChange::pieces(1));
        $first = static fn (ActionKind $kind): ?Action => array_values(array_filter($plan->line->timeline->actions, static fn (Action $action): bool => $action->kind === $kind))[0] ?? null;
        self::assertGreaterThanOrEqual($first(ActionKind::Preheat)?->untilSeconds, $first(ActionKind::Lay)?->atSeconds);
        self::assertSame($first(ActionKind::Stack)?->untilSeconds, $plan->line->timeline->readySeconds);
    }

    public function test_a_serving_time_is_met_to_the_second(): void
    {
        $line = Said::at(PlanDocument::of(Bench::plan('pressed-masa', RequestChange::servedAt(new DateTimeImmutable('2026-03-01T12:30:00+02:00'))))->json, 'line');
        $length = strtotime($line['ready_at']->text()) - strtotime($line['starts_at']->text());
        self::assertSame($line['length_seconds']->value, $length);
        self::assertSame('2026-03-01T12:30:00+02:00', $line['ready_at']->value);
    }

    public function test_a_second_pair_of_hands_never_makes_it_later(): void
    {
        foreach ([6, 14, 30] as $count) {
            $one = Bench::plan('rice-round', RequestChange::roundGriddle(560), RequestChange::pieces($count));
            $two = Bench::plan('rice-round', RequestChange::roundGriddle(560), RequestChange::pieces($count), RequestChange::hands(2));
            self::assertLessThanOrEqual($one->line->timeline->readySeconds, $two->line->timeline->readySeconds);
        }
    }

    private static function randomPlan(Seeded $seeded): BatchPlan
    {
        return Bench::plan($seeded->one(['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap']), RequestChange::roundGriddle($seeded->between(180, 700)), RequestChange::pieces($seeded->int(1, 40)), RequestChange::thickness($seeded->between(1, 4)), RequestChange::heat($seeded->between(150, 330)), RequestChange::hands($seeded->int(1, 4)));
    }

    private static function lifted(Timeline $line, ?int $piece): float
    {
        foreach ($line->actions as $action) {
            if ($action->kind === ActionKind::Lift && $action->piece === $piece) {
                return $action->untilSeconds;
            }
        }
        self::fail('A piece was never lifted.');
    }

    /** @param list<Action> $actions */
    private static function assertNoOverlap(array $actions): void
    {
        usort($actions, static fn (Action $a, Action $b): int => $a->atSeconds <=> $b->atSeconds);
        for ($index = 1; $index < count($actions); $index++) {
            self::assertGreaterThanOrEqual($actions[$index - 1]->untilSeconds - 1e-6, $actions[$index]->atSeconds);
        }
    }
}
