<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Plan\RequestChange;
use StoneMill\School\TurnAction;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;

/** A bread can be turned by any school that it bears, whether or not practice does; the model finds the times. */
final class BorrowedTurnsTest extends TestCase
{
    /** @return iterable<string, array{string, TurnSchool}> every school of every bread that practice does not use for it */
    public static function borrowed(): iterable
    {
        foreach (Bench::reference()->styles->all() as $style) {
            foreach ($style->baking->schools() as $school) {
                if (! $style->baking->knows($school)) {
                    yield "$style->id $school->value" => [$style->id, $school];
                }
            }
        }
    }

    #[DataProvider('borrowed')]
    public function test_it_comes_out_as_a_bread(string $style, TurnSchool $school): void
    {
        $plan = Bench::plan($style, RequestChange::school($school));
        $before = 0.0;
        foreach ($plan->turns->touches() as $touch) {
            self::assertGreaterThan($before, $touch->atSeconds);
            $before = $touch->atSeconds;
        }
        self::assertSame($school->finish(), $plan->turns->finish);
        self::assertGreaterThan(3, $plan->turns->weightLossPercent->value);
        self::assertLessThan(50, $plan->turns->weightLossPercent->value);
        // A thin disc under the broiler comes out dry as a chip, and that is said.
        self::assertTrue($plan->turns->weightLossPercent->value < 35 || $plan->warnings !== []);
        foreach ($plan->turns->faces as $face) {
            self::assertLessThan(0.9, $face->shade);
        }
        // What is not reached is said.
        $centre = $plan->turns->centreCelsius->value ?? 0.0;
        self::assertTrue($centre >= 88 || $school->finishesInTheOven() || $plan->warnings !== [], "$centre °C");
    }

    public function test_a_press_is_the_last_turn_and_a_batter_or_a_thick_bread_is_not_pressed(): void
    {
        $styles = Bench::reference()->styles;
        $turns = array_column($styles->style('almond-wrap')->baking->by(TurnSchool::ThreeWithPress)->turns, 'action');
        self::assertSame([TurnAction::Turn, TurnAction::Press], $turns);
        self::assertNotContains(TurnSchool::ThreeWithPress, $styles->style('thick-corn-round')->baking->schools());
        self::assertSame(
            [TurnSchool::TwoTurns, TurnSchool::CoveredSlow, TurnSchool::BroilerThenOven],
            $styles->style('chickpea-pan-bread')->baking->schools(),
        );
    }

    public function test_what_practice_says_of_its_own_schools_stands(): void
    {
        $masa = Bench::reference()->styles->style('pressed-masa')->baking;
        self::assertSame($masa->turnPlans['two_turns'], $masa->by(TurnSchool::TwoTurns));
    }
}
