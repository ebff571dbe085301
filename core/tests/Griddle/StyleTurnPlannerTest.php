<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\Exception\UnplannedSchool;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Griddle\TurnPlan;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;

final class StyleTurnPlannerTest extends TestCase
{
    private static function plan(float $thickness, float $celsius, TurnSchool $school = TurnSchool::ThreeWithPress, string $style = 'pressed-masa'): TurnPlan
    {
        return (new StyleTurnPlanner)->plan(Bench::laying(Bench::reference()->styles->style($style), $school, $thickness, $celsius));
    }

    public function test_at_the_reference_the_plan_is_the_style_s_own(): void
    {
        $plan = self::plan(1.9, 230);
        self::assertSame([20.0, 66.0], array_map(static fn ($turn): float => $turn->atSeconds, $plan->turns));
        self::assertSame(90.0, $plan->lift->atSeconds);
    }

    public function test_hotter_or_thinner_never_takes_longer(): void
    {
        for ($celsius = 160.0; $celsius <= 300; $celsius += 10) {
            for ($thickness = 1.0; $thickness <= 4; $thickness += 0.25) {
                $lift = self::plan($thickness, $celsius)->lift->atSeconds;
                self::assertLessThanOrEqual($lift, self::plan($thickness, $celsius + 10)->lift->atSeconds);
                self::assertGreaterThanOrEqual($lift, self::plan($thickness + 0.25, $celsius)->lift->atSeconds);
            }
        }
    }

    public function test_every_style_and_school_turns_in_order_with_windows_that_hold_their_moment(): void
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach (array_keys($style->baking->turnPlans) as $school) {
                $before = 0.0;
                foreach (self::plan($style->thicknessMillimetres, 220, TurnSchool::from($school), $style->id)->touches() as $touch) {
                    self::assertGreaterThan($before, $touch->atSeconds);
                    self::assertGreaterThanOrEqual($before, $touch->fromSeconds);
                    self::assertTrue($touch->fromSeconds <= $touch->atSeconds && $touch->atSeconds <= $touch->toSeconds);
                    $before = $touch->atSeconds;
                }
            }
        }
    }

    public function test_the_faces_share_the_time_on_the_metal(): void
    {
        $plan = self::plan(1.9, 230);
        // First face 0–20 and 66–90, second 20–66.
        self::assertEqualsWithDelta(44, $plan->faces[0]->contactSeconds, 1e-9);
        self::assertEqualsWithDelta(46, $plan->faces[1]->contactSeconds, 1e-9);
    }

    public function test_hotter_metal_colours_more_even_in_the_shorter_time_it_asks_for(): void
    {
        self::assertGreaterThan(self::plan(1.9, 210)->faces[0]->shade, self::plan(1.9, 250)->faces[0]->shade);
        self::assertSame('pale', self::plan(1.9, 190)->faces[0]->inWords());
    }

    public function test_a_way_of_turning_that_the_bread_does_not_bear_is_refused(): void
    {
        $this->expectException(UnplannedSchool::class);
        self::plan(2.4, 205, TurnSchool::ThreeWithPress, 'teff-batter-round');
    }

    public function test_metal_no_hotter_than_steam_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        self::plan(1.9, 100);
    }
}
