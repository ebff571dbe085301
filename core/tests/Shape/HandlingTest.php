<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Scald;
use StoneMill\Shape\Pressing;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

final class HandlingTest extends TestCase
{
    public function test_a_lever_press_takes_the_ball_off_the_middle_and_a_pin_its_guides(): void
    {
        $press = self::handling('pressed-masa');
        // 6 % of 161 mm.
        self::assertEqualsWithDelta(10, $press['towards_hinge_mm'], 1);
        self::assertNull($press['guide_mm']);
        $pin = self::handling('almond-wrap');
        // The disc and two liners of 0.05 mm.
        self::assertEqualsWithDelta(1.6, $pin['guide_mm'], 1e-6);
        self::assertNull($pin['towards_hinge_mm']);
    }

    public function test_the_press_limits_the_disc(): void
    {
        $wide = self::handling('pressed-masa', RequestChange::press(150));
        self::assertFalse(Said::at($wide, 'press.fits')->value);
        self::assertSame(142.0, Said::at($wide, 'press.widest_mm')->value);
        $fits = self::handling('pressed-masa', RequestChange::press(150), RequestChange::pieceOf(floor(Said::at($wide, 'press.most_grams')->number()) - 1));
        self::assertTrue(Said::at($fits, 'press.fits')->value);
    }

    public function test_a_dough_that_holds_less_must_stay_thicker(): void
    {
        $lines = static fn (float $psyllium): RequestChange => RequestChange::ofFlour(['cassava' => 100] + ($psyllium > 0 ? ['psyllium-husk' => $psyllium] : []));
        self::assertLessThanOrEqual(self::handling('cassava-wrap', $lines(0))['thinnest_mm'], self::handling('cassava-wrap', $lines(4))['thinnest_mm']);
        self::assertLessThan(self::handling('cassava-wrap', RequestChange::ofFlour(['maize-fine' => 100]), RequestChange::school(Scald::None), RequestChange::waterOf(15))['thinnest_mm'], self::handling('cassava-wrap', $lines(4))['thinnest_mm']);
    }

    public function test_a_round_wider_than_the_plate_is_pressed_in_a_ring(): void
    {
        // A plate of 150 mm makes 142: 190 / 142 leaves arcs of 2 · asin(0.747) = 96.7°, so four presses, √(95² − 71²) = 63.1 mm off the middle.
        $press = new Pressing(150);
        self::assertSame([1, 4, 4, null], array_map($press->presses(...), [142.0, 190.0, 200.8, 201.0]));
        self::assertEqualsWithDelta(63.1, $press->offsetMillimetres(190), 0.05);
        self::assertSame(3, $press->presses(160), '2 · asin(0.8875) = 125.1°');
        $handling = self::handling('pressed-masa', RequestChange::pieces(4), RequestChange::pieceOf(60), RequestChange::press(150));
        self::assertSame(4, data_get($handling, 'press.presses'));
        self::assertStringContainsString('turn it 90°', implode(' ', Said::at($handling, 'steps')->listed()));
    }

    public function test_a_ring_of_presses_leaves_no_part_of_the_round_thick(): void
    {
        $press = new Pressing(150);
        $reach = $press->widestMillimetres() / 2;
        for ($diameter = 143.1; $diameter <= $press->widestInRingMillimetres(); $diameter += 3.7) {
            $presses = (int) $press->presses($diameter);
            for ($point = 0; $point < 720; $point++) {
                foreach ([1.0, 0.8, 0.5, 0.1] as $share) {
                    [$x, $y] = [$share * $diameter / 2 * cos($point * M_PI / 360), $share * $diameter / 2 * sin($point * M_PI / 360)];
                    $nearest = hypot($x, $y);
                    for ($turn = 0; $turn < $presses; $turn++) {
                        $nearest = min($nearest, hypot($x - $press->offsetMillimetres($diameter) * cos(2 * M_PI * $turn / $presses), $y - $press->offsetMillimetres($diameter) * sin(2 * M_PI * $turn / $presses)));
                    }
                    if ($nearest > $reach + 0.01) {
                        self::fail(sprintf('%.1f mm wide: a point %.1f mm from the nearest press of %.1f mm', $diameter, $nearest, $reach));
                    }
                }
            }
        }
        $this->addToAssertionCount(1);
    }

    public function test_eaters_are_fed_by_whole_pieces(): void
    {
        // 110 g an eater in pieces of 43 g: three each.
        self::assertSame(12, Bench::sketch('pressed-masa', RequestChange::eaters(4))->portions->count);
        self::assertSame(4, Bench::sketch('thick-corn-round', RequestChange::eaters(4))->portions->count);
    }

    /** @return array<string, mixed> */
    private static function handling(string $style, RequestChange ...$wished): array
    {
        return Said::at(Bench::ask('shape', ['request' => Bench::request($style, ...$wished)->json()]), 'handling')->fields();
    }
}
