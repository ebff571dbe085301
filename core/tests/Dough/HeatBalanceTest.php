<?php

declare(strict_types=1);

namespace StoneMill\Tests\Dough;

use PHPUnit\Framework\TestCase;
use StoneMill\Dough\HeatBalance;
use StoneMill\Dough\HeatBody;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Tests\Seeded;

final class HeatBalanceTest extends TestCase
{
    public function test_two_equal_bodies_meet_in_the_middle(): void
    {
        self::assertEqualsWithDelta(50, HeatBalance::in(20, 0)->mixed([HeatBody::at(20, 800), HeatBody::at(80, 800)]), 0.01);
    }

    public function test_a_hand_worked_bowl_of_masa(): void
    {
        // Flour 250 g · 1.7 = 425 J/K at 20 °C; water 320 g · 4.18 = 1337.6 J/K at 55 °C; bowl 150 J/K at 20 °C.
        // (425·20 + 1337.6·55 + 150·20) / 1912.6 = (8500 + 73568 + 3000) / 1912.6 = 44.4777 °C.
        // Less 4 % of 24.4777 K over the room: 20 + 23.4986 = 43.4986 °C.
        $mixed = HeatBalance::in(20, 0.04)->mixed([HeatBody::at(20, 425), HeatBody::at(55, 1337.6), HeatBody::at(20, 150)]);
        self::assertEqualsWithDelta(43.4986, $mixed, 0.01);
    }

    public function test_a_hand_worked_scald(): void
    {
        // Flour 300 g · 1.75 = 525 J/K at 18 °C, water 330 g · 4.2 = 1386 J/K at 97 °C, bowl 150 J/K at 18 °C:
        // (9450 + 134442 + 2700) / 2061 = 71.1266 °C; less 4 % of 53.1266 K: 69.0015 °C.
        $mixed = HeatBalance::in(18, 0.04)->mixed([HeatBody::at(18, 525), HeatBody::at(97, 1386), HeatBody::at(18, 150)]);
        self::assertEqualsWithDelta(69.0015, $mixed, 0.01);
    }

    public function test_the_water_temperature_found_for_a_dough_gives_that_dough(): void
    {
        $seeded = new Seeded(11);
        for ($case = 0; $case < 300; $case++) {
            $balance = HeatBalance::in($seeded->between(5, 35), $seeded->between(0, 0.2));
            $others = [HeatBody::at($seeded->between(0, 40), $seeded->between(50, 900)), HeatBody::at($seeded->between(0, 40), $seeded->between(0, 300))];
            $water = $seeded->between(100, 3000);
            $wanted = $seeded->between(15, 70);
            $celsius = $balance->neededCelsius($wanted, $others, $water);
            if ($celsius >= -40 && $celsius <= 300) {
                self::assertEqualsWithDelta($wanted, $balance->mixed([...$others, HeatBody::at($celsius, $water)]), 0.01);
            }
        }
    }

    public function test_the_mix_lies_between_its_coldest_and_hottest_part(): void
    {
        $seeded = new Seeded(12);
        for ($case = 0; $case < 200; $case++) {
            $bodies = [HeatBody::at($seeded->between(0, 99), $seeded->between(1, 900)), HeatBody::at($seeded->between(0, 99), $seeded->between(1, 900))];
            $mixed = HeatBalance::in(20, 0)->mixed($bodies);
            self::assertGreaterThanOrEqual(min($bodies[0]->celsius, $bodies[1]->celsius) - 1e-9, $mixed);
            self::assertLessThanOrEqual(max($bodies[0]->celsius, $bodies[1]->celsius) + 1e-9, $mixed);
        }
    }

    public function test_heat_without_number_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        HeatBody::at(NAN, 100);
    }
}
