<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\Plan\Warning;
use StoneMill\School\Scald;
use StoneMill\School\TurnSchool;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

/** What must hold of every shipped bread, by every school, for one piece and for sixty, in a cold kitchen and a hot one. */
final class EveryPlanHoldsTest extends TestCase
{
    private const ROOMS = [[10, 20], [10, 80], [22, 50], [35, 20], [35, 80]];

    private const COUNTS = [1, 8, 60];

    #[DataProviderExternal(Bench::class, 'eachStyle')]
    public function test_the_style_s_own_scald_binds_enough_and_never_too_much(Style $style): void
    {
        foreach (self::ROOMS as [$celsius, $humidity]) {
            foreach (self::COUNTS as $count) {
                $ids = self::ids(Bench::sketch($style->id, RequestChange::pieces($count), RequestChange::room($celsius, $humidity)));
                self::assertNotContains('binding-low', $ids, "{$style->id}, $count at $celsius °C");
                self::assertNotContains('binding-high', $ids, "{$style->id}, $count at $celsius °C");
            }
        }
    }

    #[DataProviderExternal(Bench::class, 'eachStyle')]
    public function test_boiling_water_poured_over_binds_a_batch_in_a_kitchen_that_is_not_cold(Style $style): void
    {
        foreach ([18, 22, 30] as $celsius) {
            $plan = Bench::sketch($style->id, RequestChange::pieces(8), RequestChange::room($celsius, 50), RequestChange::school(Scald::PourOver));
            self::assertNotContains('binding-low', self::ids($plan), "{$style->id} at $celsius °C");
        }
    }

    #[DataProviderExternal(Bench::class, 'eachStyle')]
    public function test_loss_stays_inside_the_style_s_band_and_every_miss_is_said(Style $style): void
    {
        foreach ($style->baking->turnPlans as $school => $_) {
            foreach ([[1, 10, 20], [8, 22, 50], [60, 35, 80]] as [$count, $celsius, $humidity]) {
                $plan = Bench::plan($style->id, RequestChange::pieces($count), RequestChange::room($celsius, $humidity), RequestChange::school(TurnSchool::from($school)));
                $what = "{$style->id} $school, $count at $celsius °C";
                $loss = $plan->turns->weightLossPercent->value;
                self::assertGreaterThanOrEqual($style->baking->weightLossPercent->low - 0.5, $loss, $what);
                self::assertLessThanOrEqual($style->baking->weightLossPercent->high + 0.5, $loss, $what);
                // In the kitchen that practice knows, the style's own way needs no excuse.
                $this->assertColoursAreWishedOrSaid($plan, $style, $school === $style->method->turns->value && $celsius === 22, $what);
                $this->assertHandsHaveTime($plan, TurnSchool::from($school), $what);
            }
        }
    }

    private function assertColoursAreWishedOrSaid(BatchPlan $plan, Style $style, bool $isDefault, string $what): void
    {
        $wished = $style->baking->shade;
        foreach ($plan->turns->faces as $face) {
            if ($face->contactSeconds <= 0) {
                continue;
            }
            $isWished = $face->shade > $wished->low - 0.02 && $face->shade < $wished->high + 0.02;
            self::assertTrue($isWished || ! $isDefault && array_intersect(['griddle-stays-pale', 'griddle-gets-dark', 'griddle-burns'], self::ids($plan)) !== [], sprintf('%s: the %s face has %.2f', $what, $face->name, $face->shade));
        }
    }

    private function assertHandsHaveTime(BatchPlan $plan, TurnSchool $school, string $what): void
    {
        $lies = [];
        $before = 0.0;
        foreach ($plan->turns->touches() as $touch) {
            $lies[] = $touch->atSeconds - $before;
            $before = $touch->atSeconds;
        }
        self::assertGreaterThanOrEqual(10.0 - 1e-6, min($lies), $what);
        if (count($lies) === 3 && $school !== TurnSchool::Continuous) {
            self::assertSame(max($lies), $lies[1], $what.': the second lie is the longest');
        }
    }

    /** @return list<string> */
    private static function ids(BatchPlan $plan): array
    {
        return array_map(static fn (Warning $warning): string => $warning->id, $plan->warnings);
    }
}
