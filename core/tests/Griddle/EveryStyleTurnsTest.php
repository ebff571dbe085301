<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Griddle\TurnPlanner;
use StoneMill\Plan\RequestChange;
use StoneMill\School\ActionKind;
use StoneMill\School\Finish;
use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

/** Every way in which every bread is turned: in order, in time, and ended by a lift. */
final class EveryStyleTurnsTest extends TestCase
{
    /** @return iterable<string, array{Style, TurnSchool}> */
    public static function ways(): iterable
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach (array_keys($style->baking->turnPlans) as $school) {
                yield "{$style->id} $school" => [$style, TurnSchool::from((string) $school)];
            }
        }
    }

    #[DataProvider('ways')]
    public function test_touches_come_one_after_the_other_each_within_its_window(Style $style, TurnSchool $school): void
    {
        $plan = self::plan($style, $school);
        $before = 0.0;
        foreach ($plan->touches() as $touch) {
            self::assertGreaterThan($before, $touch->atSeconds);
            self::assertGreaterThanOrEqual($before, $touch->fromSeconds);
            self::assertLessThan($touch->toSeconds, $touch->atSeconds);
            $before = $touch->atSeconds;
        }
        self::assertSame(TurnAction::Lift, $plan->lift->action);
        self::assertNotContains(TurnAction::Lift, array_map(static fn ($touch): TurnAction => $touch->action, $plan->turns));
    }

    #[DataProvider('ways')]
    public function test_the_two_faces_share_all_the_time_on_the_metal(Style $style, TurnSchool $school): void
    {
        $plan = self::plan($style, $school);
        $lain = $plan->faces[0]->contactSeconds + $plan->faces[1]->contactSeconds;
        // Under the broiler the bread still lies in its pan.
        $underBroiler = $plan->finish === Finish::BroilerThenOven ? $plan->finishSeconds : 0.0;
        self::assertGreaterThanOrEqual($plan->lift->atSeconds - 1e-6, $lain);
        self::assertLessThanOrEqual($plan->lift->atSeconds + $underBroiler + 0.5, $lain);
        foreach ($plan->faces as $face) {
            self::assertGreaterThanOrEqual(0, $face->shade);
            self::assertLessThan(1, $face->shade);
            self::assertNotSame('', $face->inWords());
        }
    }

    #[DataProvider('ways')]
    public function test_hotter_metal_and_thinner_bread_are_never_slower(Style $style, TurnSchool $school): void
    {
        $at = static fn (float $millimetres, float $celsius): float => self::planner()->plan(Bench::laying($style, $school, $millimetres, $celsius))->lift->atSeconds;
        self::assertLessThan($at($style->thicknessMillimetres, $style->baking->surfaceCelsius->low), $at($style->thicknessMillimetres, $style->baking->surfaceCelsius->high));
        self::assertLessThan($at($style->thicknessBand->high, 200), $at($style->thicknessBand->low, 200));
    }

    #[DataProvider('ways')]
    public function test_the_line_waits_for_what_finishes_off_the_griddle(Style $style, TurnSchool $school): void
    {
        $plan = Bench::plan($style->id, RequestChange::pieces(3), RequestChange::school($school));
        $finish = array_values(array_filter($plan->line->timeline->actions, static fn ($action): bool => $action->kind === ActionKind::Finish));
        $seconds = $plan->turns->finish === Finish::Flame ? 0 : $plan->turns->finishSeconds;
        self::assertSame($seconds > 0, $finish !== []);
        self::assertLessThanOrEqual(3, count($finish), 'never more loads than pieces');
        if ($finish !== []) {
            self::assertEqualsWithDelta($seconds, $finish[0]->untilSeconds - $finish[0]->atSeconds, 1e-6);
            self::assertTrue($plan->turns->finish->isInTheOven());
        }
        $stack = array_values(array_filter($plan->line->timeline->actions, static fn ($action): bool => $action->kind === ActionKind::Stack))[0];
        self::assertEqualsWithDelta($plan->line->timeline->readySeconds, $stack->untilSeconds, 1e-6);
        foreach ($finish as $action) {
            self::assertLessThanOrEqual($stack->atSeconds + 1e-6, $action->untilSeconds);
        }
    }

    public function test_what_burns_or_scalds_at_a_finish_is_said_beside_it(): void
    {
        $cautions = static fn (string $style): array => array_map(static fn ($caution): string => $caution->id, Bench::plan($style)->cautions);
        self::assertContains('oven-broiler', $cautions('thick-corn-round'));
        self::assertContains('oven-broiler', $cautions('chickpea-pan-bread'));
        self::assertNotContains('oven-broiler', $cautions('pressed-masa'));
        self::assertContains('raw-egg', $cautions('almond-coconut-wrap'));
        self::assertContains('gums-swell', $cautions('coconut-psyllium-wrap'));
    }

    private static function plan(Style $style, TurnSchool $school): TurnPlan
    {
        return self::planner()->plan(Bench::laying($style, $school));
    }

    private static function planner(): TurnPlanner
    {
        return new ModelTurnPlanner;
    }

    public function test_the_second_of_three_lies_is_the_longest_and_hands_have_time_between_touches(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach (array_keys($style->baking->turnPlans) as $school) {
                $before = 0.0;
                $lies = [];
                foreach ((new ModelTurnPlanner)->plan(Bench::laying($style, TurnSchool::from($school)))->touches() as $touch) {
                    $lies[] = $touch->atSeconds - $before;
                    $before = $touch->atSeconds;
                }
                self::assertGreaterThanOrEqual(10.0 - 1e-6, min($lies), "$style->id $school");
                if (count($lies) === 3) {
                    self::assertSame(max($lies), $lies[1], "$style->id $school");
                }
            }
        }
    }
}
