<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\School\Knead;
use StoneMill\School\Worked;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** A dough that a machine works: sooner, a little warmer, while it is still too hot for hands. */
final class WorkedTest extends TestCase
{
    public function test_a_machine_takes_less_time_than_hands_and_warms_the_dough(): void
    {
        // 420 s by hand, 252 by machine: 4.2 minutes at half a degree each.
        self::assertSame(252, Worked::Machine->seconds(Knead::SixEightMinutes));
        self::assertEqualsWithDelta(2.1, Worked::Machine->warmsBy(Knead::SixEightMinutes), 1e-9);
        self::assertSame(0.0, Worked::Hand->warmsBy(Knead::SixEightMinutes));
    }

    public function test_a_raised_dough_from_a_machine_is_warmer_and_rises_sooner(): void
    {
        $minutes = static fn (string $worked): mixed => data_get(self::planned('raised-round', $worked, ['knead' => 'six_eight_minutes']), 'rise.minutes.value');
        self::assertLessThan($minutes('hand'), $minutes('machine'));
    }

    public function test_a_machine_need_not_wait_for_a_scalded_dough_and_hands_still_do(): void
    {
        $plan = static fn (string $worked): array => self::planned('millet-round', $worked);
        $at = static fn (array $plan, string $kind, string $end): float => Said::at($plan, 'line.actions')->one('kind', $kind)[$end]->number();
        [$hand, $machine] = [$plan('hand'), $plan('machine')];
        self::assertGreaterThan(60, 60 * Said::at($hand, 'mix.hand_warm_minutes.value')->number(), 'it is too hot for hands at first');
        self::assertGreaterThanOrEqual($at($hand, 'cool', 'until_seconds'), $at($hand, 'knead', 'at_seconds'));
        self::assertSame($at($machine, 'scald', 'until_seconds'), $at($machine, 'knead', 'at_seconds'));
        // Hands that feel it wait as long as they would.
        self::assertEqualsWithDelta(60 * Said::at($machine, 'mix.hand_warm_minutes.value')->number(), $at($machine, 'feel', 'at_seconds') - $at($machine, 'scald', 'until_seconds'), 1.0);
        self::assertLessThan(data_get($hand, 'line.length_seconds'), data_get($machine, 'line.length_seconds'));
        self::assertContains('machine', array_column((array) $machine['cautions'], 'id'));
    }

    /**
     * @param array<string, string> $method
     * @return array<string, mixed>
     */
    private static function planned(string $style, string $worked, array $method = []): array
    {
        return PlanDocument::of(Bench::planOf(['style' => $style, 'formula' => ['worked' => $worked, 'method' => $method]]))->json;
    }
}
