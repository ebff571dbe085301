<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\Aim;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Griddle\Sensitivity;
use StoneMill\Griddle\TurnSearch;
use StoneMill\Griddle\TurnWish;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class TurnSearchTest extends TestCase
{
    public function test_what_is_found_is_nearer_to_the_wish_than_the_usual_plan(): void
    {
        foreach (['pressed-masa' => 0.35, 'millet-round' => 0.55, 'oat-round' => 0.3, 'maize-round' => 0.35] as $id => $shade) {
            $laying = Bench::laying(Bench::reference()->styles->style($id));
            $style = Bench::reference()->styles->style($id);
            $aim = new Aim($laying->aim->lossShare, $shade, 95, false);
            $wish = new TurnWish($aim, [$laying->school], [$style->baking->surfaceCelsius->low, $style->baking->surfaceCelsius->high]);
            $found = (new TurnSearch($wish))->best($laying)[0];
            $usual = (new ModelTurnPlanner)->bake($laying->towards($aim, 1.0));
            self::assertLessThanOrEqual(self::off($usual, $shade) + 0.03, self::off($found, $shade), $id);
            self::assertEqualsWithDelta($aim->lossShare, $found->work->bake->lossShare(), 0.02);
            self::assertGreaterThanOrEqual($style->baking->surfaceCelsius->low - 1e-6, $found->laying->surfaceCelsius());
            self::assertLessThanOrEqual($style->baking->surfaceCelsius->high + 1e-6, $found->laying->surfaceCelsius());
        }
    }

    public function test_only_schools_that_the_cook_named_are_looked_among_and_the_best_comes_first(): void
    {
        $laying = Bench::laying(Bench::reference()->styles->style('millet-round'));
        $schools = [TurnSchool::FlameFinish, TurnSchool::TwoTurns];
        $search = new TurnSearch(new TurnWish(new Aim(0.15, 0.35, 95, false), $schools, null));
        $found = $search->best($laying);
        self::assertCount(2, $found);
        self::assertEqualsCanonicalizing(['flame_finish', 'two_turns'], array_map(static fn (PlannedBake $one): string => $one->laying->school->value, $found));
        self::assertSame($laying->surfaceCelsius(), $found[0]->laying->surfaceCelsius(), 'the heat stays where it must');
    }

    public function test_a_wish_that_cannot_be_had_gets_the_nearest_and_its_reasons(): void
    {
        $answer = new Said(Bench::ask('turns', ['request' => ['style' => 'thick-corn-round'], 'wish' => ['puff' => true, 'shade' => 0.8, 'heat' => ['least_celsius' => 170, 'most_celsius' => 175]]]));
        self::assertFalse($answer['met']->value);
        self::assertStringContainsString('does not open in the middle', (string) json_encode($answer['unmet']));
        self::assertNotSame([], $answer['best']->all());
    }

    public function test_the_found_plan_is_the_plan_of_a_batch_that_takes_its_wish(): void
    {
        $answer = new Said(Bench::ask('turns', ['request' => ['style' => 'millet-round'], 'wish' => ['shade' => 0.5, 'schools' => ['two_turns', 'three_with_press']]]));
        $plan = Bench::planOf(['style' => 'millet-round', 'formula' => ['method' => ['turns' => $answer['wish']['turns']->value]], 'griddle' => $answer['wish']['griddle']->value]);
        self::assertSame(
            $answer['best']['touches']->each('at_seconds'),
            array_map(static fn ($touch): float => round($touch->atSeconds, 1), $plan->turns->touches()),
        );
    }

    public function test_a_bread_that_is_turned_all_the_time_is_turned_as_often_as_serves_it(): void
    {
        $answer = new Said(Bench::ask('turns', ['request' => ['style' => 'coconut-psyllium-wrap'], 'wish' => ['schools' => ['continuous'], 'shade' => 0.3]]));
        $times = $answer['wish']['griddle']['turn_count']->whole();
        self::assertCount($times + 1, $answer['best']['touches']);
        $plan = Bench::planOf(['style' => 'coconut-psyllium-wrap', 'formula' => ['method' => ['turns' => 'continuous']], 'griddle' => $answer['wish']['griddle']->value]);
        self::assertSame($answer['best']['touches']->each('at_seconds'), array_map(static fn ($touch): float => round($touch->atSeconds, 1), $plan->turns->touches()));
        // Any other school has its own number of turns.
        self::assertCount(2, Bench::planOf(['style' => 'pressed-masa', 'griddle' => ['turn_count' => 7]])->turns->turns);
    }

    public function test_a_hotter_griddle_with_the_times_kept_gives_more_colour_and_a_thicker_disc_less(): void
    {
        foreach (['pressed-masa', 'maize-round', 'thick-corn-round'] as $id) {
            $rows = (new Sensitivity((new ModelTurnPlanner)->bake(Bench::laying(Bench::reference()->styles->style($id)))))->offsets();
            self::assertCount(4, $rows);
            [$cooler, $hotter, $thinner, $thicker] = $rows;
            foreach ([[$cooler, $hotter], [$thicker, $thinner]] as [$less, $more]) {
                self::assertGreaterThan($less->kept->work->bake->lossShare(), $more->kept->work->bake->lossShare(), $id);
                self::assertLessThan($less->laterBySeconds, $more->laterBySeconds, $id);
            }
            self::assertGreaterThan($cooler->kept->plan()->faces[0]->shade, $hotter->kept->plan()->faces[0]->shade);
        }
    }

    private static function off(PlannedBake $baked, float $shade): float
    {
        return array_sum(array_map(static fn ($face): float => abs($face->shade - $shade), $baked->plan()->faces));
    }
}
