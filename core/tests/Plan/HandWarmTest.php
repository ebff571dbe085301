<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Plan\HandWarm;

/** How long a hot dough keeps hands out. */
final class HandWarmTest extends TestCase
{
    public function test_a_hotter_dough_waits_longer_for_hands_and_a_cool_one_not_at_all(): void
    {
        self::assertSame(0.0, HandWarm::minutes(44, 600, 20)->likely);
        self::assertGreaterThan(HandWarm::minutes(60, 600, 20)->likely, HandWarm::minutes(75, 600, 20)->likely);
        self::assertGreaterThan(HandWarm::minutes(60, 600, 10)->likely, HandWarm::minutes(60, 600, 25)->likely);
    }

    public function test_spread_open_is_quickest_and_a_large_lump_slowest(): void
    {
        $minutes = HandWarm::minutes(70, 900, 21);
        self::assertLessThan($minutes->likely, $minutes->low);
        self::assertGreaterThan(1.5 * $minutes->likely, $minutes->high);
        self::assertGreaterThan(HandWarm::minutes(70, 300, 21)->high, $minutes->high);
    }

    public function test_steam_does_most_of_the_cooling(): void
    {
        // Convection and glow alone are about 7 + 0.9 · 4 · 5.67e-8 · 320³ = 7 + 6.7 W/(m²K). From 70 to 45 °C in a room of 20 °C, half of 3 cm:
        // 3.45e6 · 0.015 / 13.7 · ln(50 / 25) = 2618 s = 44 min. With the steam it takes far less than half of that.
        self::assertLessThan(20, HandWarm::minutes(70, 600, 20)->likely);
        self::assertGreaterThan(5, HandWarm::minutes(70, 600, 20)->likely);
    }
}
