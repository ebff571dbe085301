<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\RequestChange;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What is poured cooks in pans of its own, as many as there are. */
final class PansTest extends TestCase
{
    public function test_two_pans_alike_are_two_places_and_no_griddle(): void
    {
        $plan = self::planned(['pan' => ['diameter_mm' => 240, 'count' => 2], 'griddle' => ['shape' => 'round', 'diameter_mm' => 360]]);
        // 240 mm across with 40 between: the middles stand 280 apart.
        self::assertSame([['x' => -140.0, 'y' => 0.0], ['x' => 140.0, 'y' => 0.0]], data_get($plan, 'griddle.places'));
        self::assertEquals(240.0, data_get($plan, 'griddle.pans_mm'));
        self::assertEqualsWithDelta(240.0, data_get($plan, 'shape.diameter_mm.value'), 0.01, 'a batter runs to the rim');
        $pressed = PlanDocument::of(Bench::plan('pressed-masa', RequestChange::pans(240, 2), RequestChange::roundGriddle(360)))->json;
        self::assertNull(data_get($pressed, 'griddle.pans_mm'), 'what is pressed lies on the griddle');
    }

    public function test_a_pan_that_is_in_the_oven_is_not_poured_into(): void
    {
        $plan = self::planned(['pan' => ['diameter_mm' => 240, 'count' => 2], 'oven' => ['pan' => 'heated', 'holds' => 2]]);
        $finish = Said::at($plan, 'griddle.finish_seconds')->number();
        self::assertEqualsWithDelta($finish, data_get($plan, 'line.pace.recover'), 0.1);
        $of = static fn (string $kind): array => array_map(static fn (Said $action): float => $action['at_seconds']->number(), array_values(array_filter(Said::at($plan, 'line.actions')->listed(), static fn (Said $action): bool => $action['kind']->value === $kind)));
        [$lays, $lifts] = [$of('lay'), $of('lift')];
        // The third goes into the pan that held the first: after its lift and its time in the oven.
        self::assertGreaterThanOrEqual($lifts[0] + $finish - 0.1, $lays[2]);
        self::assertCount(2, $of('finish'), 'four breads in two pans: twice in the oven');
    }

    public function test_more_pans_are_sooner_done_and_no_more_finish_together_than_there_are(): void
    {
        $seconds = [];
        foreach ([1, 2, 4] as $pans) {
            $plan = self::planned(['pan' => ['diameter_mm' => 240, 'count' => $pans], 'oven' => ['pan' => 'heated', 'holds' => 4]]);
            $seconds[] = data_get($plan, 'line.length_seconds');
            self::assertSame($pans, data_get($plan, 'griddle.finish_holds'));
        }
        self::assertGreaterThan($seconds[1], $seconds[0]);
        self::assertGreaterThan($seconds[2], $seconds[1]);
    }

    public function test_what_the_griddle_s_record_says_of_its_sag_is_not_said_of_a_pan(): void
    {
        $learned = ['sag' => ['value' => -14, 'deviation' => 2, 'batches' => 12]];
        $kinds = static fn (array $gear): array => array_column((array) data_get(PlanDocument::of(Bench::planOf(['style' => 'chickpea-pan-bread', 'learned' => $learned, 'gear' => $gear]))->json, 'learned'), 'key');
        self::assertContains('learned.sag', $kinds(['griddle' => ['shape' => 'round', 'diameter_mm' => 360]]));
        self::assertNotContains('learned.sag', $kinds(['griddle' => ['shape' => 'round', 'diameter_mm' => 360], 'pan' => ['diameter_mm' => 240]]));
    }

    public function test_nine_pans_are_refused(): void
    {
        try {
            self::planned(['pan' => ['diameter_mm' => 240, 'count' => 9]]);
            self::fail('planned');
        } catch (InvalidInput $refused) {
            self::assertSame('gear.pan.count', $refused->errors[0]->path);
        }
    }

    /**
     * @param array<string, mixed> $gear
     * @return array<string, mixed>
     */
    private static function planned(array $gear): array
    {
        return PlanDocument::of(Bench::planOf(['style' => 'chickpea-pan-bread', 'pieces' => ['count' => 4], 'gear' => $gear]))->json;
    }
}
