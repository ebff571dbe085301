<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Ready at the bowl is not ready after the rest: binders drink on, vegetables weep. */
final class TighteningTest extends TestCase
{
    private static function rest(BatchPlan $plan): Said
    {
        return Said::at(PlanDocument::of($plan)->json, 'rest');
    }

    public function test_psyllium_tightens_a_dough_by_hand(): void
    {
        // 4 % of binder at 1.2 points each, ten minutes over eight: 4.8 · (1 − e^−1.25) = 3.42 points.
        $psyllium = RequestChange::weighed(['rice-white' => 300, 'psyllium-powder' => 12]);
        $rest = self::rest(Bench::sketch('rice-round', $psyllium, RequestChange::restOf(10)));
        self::assertEqualsWithDelta(3.42, $rest['tightens_points']->value, 0.01);
        self::assertStringContainsString('tightens by about 3 points', $rest['tightens']->text());
    }

    public function test_it_has_its_course_over_time_quick_at_first(): void
    {
        $psyllium = RequestChange::weighed(['rice-white' => 300, 'psyllium-powder' => 12]);
        $course = self::rest(Bench::sketch('rice-round', $psyllium, RequestChange::restOf(10)))['course'];
        self::assertSame([0.0, 0.0], array_values($course[0]->all()));
        $points = $course->numbers('points');
        // Twenty minutes in sixteen steps: 8.75 minutes on, 4.8 · (1 − e^−1.09) = 3.19 points.
        self::assertEqualsWithDelta(3.19, $points[7], 0.01);
        for ($step = 2; $step < count($course); $step++) {
            self::assertLessThan($points[$step - 1] - $points[$step - 2], $points[$step] - $points[$step - 1]);
        }
        self::assertSame([], data_get(PlanDocument::of(Bench::sketch('pressed-masa'))->json, 'rest.course'));
    }

    public function test_a_dough_without_binders_or_a_rest_is_left_as_it_is_felt(): void
    {
        self::assertNull(self::rest(Bench::sketch('pressed-masa'))['tightens']->value);
        $psyllium = RequestChange::weighed(['rice-white' => 300, 'psyllium-powder' => 12]);
        self::assertSame(0.0, self::rest(Bench::sketch('rice-round', $psyllium, RequestChange::restOf(0)))['tightens_points']->value);
    }

    public function test_salted_vegetables_slacken_it(): void
    {
        $salted = RequestChange::weighed(['rice-white' => 300, 'onion' => 150, 'salt' => 6]);
        $rest = self::rest(Bench::sketch('rice-vegetable-round', $salted, RequestChange::restOf(45)));
        self::assertLessThan(-2, $rest['tightens_points']->value);
        self::assertStringContainsString('slackens', $rest['tightens']->text());
    }
}
