<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\Aim;
use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;
use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Seeded;

final class ModelTurnPlannerTest extends TestCase
{
    public function test_every_style_comes_out_as_practice_has_it_at_the_heat_practice_uses(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            $practice = $style->baking->turnPlans[$style->method->turns->value];
            $plan = (new ModelTurnPlanner)->plan(Bench::laying($style, null, $practice->referenceMillimetres, $practice->referenceCelsius));
            self::assertGreaterThan(0.45 * $practice->liftSeconds, $plan->lift->atSeconds, $style->id);
            self::assertLessThan(1.6 * $practice->liftSeconds, $plan->lift->atSeconds, $style->id);
            self::assertGreaterThanOrEqual(0.7 * $style->baking->weightLossPercent->low, $plan->weightLossPercent->value, $style->id);
            self::assertLessThanOrEqual(1.25 * $style->baking->weightLossPercent->high, $plan->weightLossPercent->value, $style->id);
            foreach ($plan->faces as $face) {
                self::assertLessThan(0.8, $face->shade, "{$style->id} must not burn as practice turns it");
            }
        }
    }

    public function test_a_thin_bread_is_hot_through_before_its_last_turn(): void
    {
        foreach (['pressed-masa', 'millet-round', 'rice-round', 'cassava-wrap', 'oat-round'] as $id) {
            $baked = self::bake($id);
            $turns = array_values(array_filter($baked->work->touched, static fn ($state): bool => $state->action !== TurnAction::Lift));
            self::assertGreaterThanOrEqual(95, $turns[count($turns) - 1]->centreCelsius, $id);
        }
    }

    public function test_the_bread_stops_at_the_weight_that_was_wished(): void
    {
        foreach ([0.10, 0.14, 0.18] as $share) {
            $laying = Bench::laying(Bench::reference()->styles->style('pressed-masa'));
            $baked = (new ModelTurnPlanner)->bake($laying->towards(new Aim($share, 0.4, 95, false), 1.0));
            self::assertEqualsWithDelta($share, $baked->work->bake->lossShare(), 0.004);
        }
    }

    public function test_a_touch_is_good_from_before_until_after_its_time_and_windows_follow_one_another(): void
    {
        $seeded = new Seeded(17);
        for ($case = 0; $case < 40; $case++) {
            $style = Bench::reference()->styles->style($seeded->one(['pressed-masa', 'millet-round', 'almond-wrap', 'raised-round', 'chickpea-pan-bread', 'oat-round', 'coconut-psyllium-wrap']));
            $plan = (new ModelTurnPlanner)->plan(Bench::laying($style, null, $seeded->between(0.8, 1.3) * $style->thicknessMillimetres, $seeded->between(160, 270)));
            $before = 0.0;
            foreach ($plan->touches() as $touch) {
                self::assertLessThan($touch->atSeconds, $touch->fromSeconds);
                self::assertGreaterThan($touch->atSeconds, $touch->toSeconds);
                self::assertGreaterThanOrEqual($before, $touch->fromSeconds);
                $before = $touch->atSeconds;
            }
        }
    }

    public function test_metal_that_is_too_cool_is_said_with_what_it_reaches(): void
    {
        $baked = self::bake('thick-corn-round', 121.0, TurnSchool::BrownThenOven);
        self::assertContains('stays-pale', array_map(static fn ($missed): string => $missed->id, $baked->missed()));
        foreach ($baked->missed() as $missed) {
            self::assertLessThan($missed->wanted, $missed->reached);
            self::assertGreaterThan(121.0, $missed->remedy?->surfaceCelsius, 'hotter metal would mend it');
        }
    }

    public function test_too_hot_and_too_thick_is_said_to_stay_raw(): void
    {
        $laying = Bench::laying(Bench::reference()->styles->style('patted-masa'), TurnSchool::TwoTurns, 9.5, 320.0);
        $missed = (new ModelTurnPlanner)->bake($laying)->missed();
        self::assertContains('stays-raw', array_map(static fn ($one): string => $one->id, $missed));
    }

    public function test_the_oven_ends_what_the_griddle_began(): void
    {
        $baked = (new ModelTurnPlanner)->bake(Bench::laying(Bench::reference()->styles->style('thick-corn-round'), TurnSchool::BrownThenOven, 19.0, 195.0));
        self::assertLessThan(94, $baked->centreBeforeLift);
        self::assertGreaterThanOrEqual(94, $baked->work->bake->centreCelsius());
        self::assertEqualsWithDelta($baked->laying->aim->lossShare, $baked->work->bake->lossShare(), 0.01);
        self::assertGreaterThan(240, $baked->plan()->finishSeconds);
    }

    public function test_a_press_comes_while_the_bread_can_puff(): void
    {
        $baked = self::bake('pressed-masa', 230.0, TurnSchool::ThreeWithPress);
        $presses = array_values(array_filter($baked->work->touched, static fn ($state): bool => $state->action === TurnAction::Press));
        self::assertCount(1, $presses);
        self::assertTrue($presses[0]->couldPuff);
        self::assertTrue($baked->work->bake->isPuffed());
        self::assertGreaterThanOrEqual($baked->work->puffFromSeconds, $presses[0]->seconds);
    }

    public function test_a_thick_bread_is_not_pressed_for_a_puff(): void
    {
        $this->expectException(UnplannedSchool::class);
        (new ModelTurnPlanner)->plan(Bench::laying(Bench::reference()->styles->style('thick-corn-round'), TurnSchool::ThreeWithPress));
    }

    private static function bake(string $style, ?float $celsius = null, ?TurnSchool $school = null): PlannedBake
    {
        return (new ModelTurnPlanner)->bake(Bench::laying(Bench::reference()->styles->style($style), $school, null, $celsius));
    }
}
