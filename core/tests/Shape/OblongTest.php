<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\RequestChange;
use StoneMill\Plan\Warning;
use StoneMill\Shape\Oblong;
use StoneMill\Shape\Pressing;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Pieces longer than wide: the same dough, another outline. */
final class OblongTest extends TestCase
{
    public function test_it_keeps_the_area_of_the_round(): void
    {
        foreach ([1.0, 1.5, 2.25, 4.0] as $ratio) {
            $oblong = new Oblong($ratio);
            self::assertEqualsWithDelta(1.0, $oblong->lengthShare * $oblong->widthShare, 1e-12);
            self::assertEqualsWithDelta($ratio, $oblong->lengthShare / $oblong->widthShare, 1e-12);
        }
        // 160 mm round, 2.25 times as long as wide: 240 by 106.7 mm.
        self::assertEqualsWithDelta(240.0, 160 * (new Oblong(2.25))->lengthShare, 1e-9);
    }

    public function test_what_lies_on_a_plate_lies_on_it_whole_and_beside_each_other(): void
    {
        foreach ([1.2, 1.8, 2.6, 4.0] as $ratio) {
            $oblong = new Oblong($ratio);
            foreach ([[380.0, 150.0], [450.0, 120.0], [300.0, 160.0]] as [$plate, $round]) {
                [$long, $wide] = [$oblong->lengthShare * $round, $oblong->widthShare * $round];
                $places = $oblong->onRound($plate, $round, 8);
                foreach ($places as $index => ['x' => $x, 'y' => $y]) {
                    // Corners of the box around a piece reach at most half a gap over the rim.
                    self::assertLessThanOrEqual($plate / 2 + 4.01, hypot(abs($x) + $long / 2, abs($y) + $wide / 2) - 4 * M_SQRT2 + 4.01);
                    foreach (array_slice($places, $index + 1) as $other) {
                        self::assertTrue(abs($x - $other['x']) >= $long + 7.99 || abs($y - $other['y']) >= $wide + 7.99);
                    }
                }
                self::assertCount((int) floor(($plate + 8) / ($long + 8)) * (int) floor(($plate + 8) / ($wide + 8)), $oblong->onRectangle($plate, $plate, $round, 8));
            }
        }
    }

    public function test_the_plan_bakes_the_same_bread_and_knows_that_it_is_longer(): void
    {
        $plan = static fn (float $ratio): array => PlanDocument::of(Bench::planOf(['style' => 'patted-masa', 'pieces' => ['count' => 6, 'long_over_wide' => $ratio], 'gear' => ['griddle' => ['shape' => 'rectangle', 'width_mm' => 540, 'depth_mm' => 360]]]))->json;
        [$round, $long] = [$plan(1), $plan(2)];
        foreach (['shape.thickness_mm.value', 'portion.piece_grams.value'] as $same) {
            self::assertEquals(data_get($round, $same), data_get($long, $same), $same);
        }
        self::assertEqualsWithDelta(2.0, Said::at($long, 'shape.length_share')->number() / Said::at($long, 'shape.width_share')->number(), 0.001);
        self::assertNotEquals(data_get($round, 'portrait.rim'), data_get($long, 'portrait.rim'));
        self::assertNotEquals(data_get($round, 'griddle.places'), data_get($long, 'griddle.places'));
    }

    public function test_it_is_its_length_that_has_to_fit_press_and_griddle(): void
    {
        $warned = static fn (float $ratio): array => array_map(static fn (Warning $warning): string => $warning->id, Bench::plan('pressed-masa', RequestChange::roundGriddle(260), RequestChange::pieces(6), RequestChange::longOverWide($ratio), RequestChange::press(190))->warnings);
        self::assertSame([], array_values(array_filter($warned(1), static fn (string $id): bool => str_starts_with($id, 'too-wide'))));
        self::assertSame(['too-wide-for-press', 'too-wide-for-griddle'], array_values(array_filter($warned(3.5), static fn (string $id): bool => str_starts_with($id, 'too-wide'))));
    }

    public function test_it_is_pressed_whole_or_not_at_all_but_never_in_a_ring(): void
    {
        $press = new Pressing(150);
        self::assertSame(4, $press->presses(190, new Oblong(1.0)), 'a round goes press beside press');
        // 100 mm round, twice as long as wide: 141 mm long, and the plate makes 142.
        self::assertSame(1, $press->presses(100, new Oblong(2.0)));
        self::assertNull($press->presses(105, new Oblong(2.0)));
    }

    public function test_nothing_is_wider_than_long_or_a_rope(): void
    {
        foreach ([0.5, 4.5] as $ratio) {
            try {
                Bench::plan('pressed-masa', RequestChange::longOverWide($ratio));
                self::fail('planned');
            } catch (InvalidInput $refused) {
                self::assertSame('pieces.long_over_wide', $refused->errors[0]->path);
            }
        }
    }
}
