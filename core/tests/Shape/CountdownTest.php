<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Shape\Countdown;
use StoneMill\Shape\Portions;
use StoneMill\Tests\Seeded;

final class CountdownTest extends TestCase
{
    public function test_a_hundred_grams_in_three_on_a_gram_scale(): void
    {
        // 100 · 2/3 = 66.7 → 67, 100 · 1/3 = 33.3 → 33, 0: pieces of 33, 34 and 33 g.
        $countdown = Countdown::from(100, 3, 1);
        self::assertSame([67.0, 33.0, 0.0], $countdown->marks);
        self::assertSame([33.0, 34.0, 33.0], $countdown->pieces());
    }

    public function test_marks_end_at_nothing_and_pieces_differ_by_one_step_of_the_scale_at_most(): void
    {
        $seeded = new Seeded(41);
        for ($case = 0; $case < 1000; $case++) {
            $step = $seeded->one([0.1, 0.5, 1.0, 2.0, 5.0]);
            $pieces = $seeded->int(1, 200);
            $countdown = Countdown::from($seeded->between($pieces * $step * 2, 20000), $pieces, $step);
            self::assertSame(0.0, $countdown->marks[$pieces - 1]);
            self::assertEqualsWithDelta($countdown->readingGrams, array_sum($countdown->pieces()), 1e-6);
            $weights = [$countdown->readingGrams / $pieces, ...$countdown->pieces()];
            self::assertLessThanOrEqual($step + 1e-6, max($weights) - min($weights));
        }
    }

    public function test_what_is_mixed_is_what_is_divided_and_what_sticks(): void
    {
        $portions = Portions::ofDough(612, 14, 1, Portions::usualLoss());
        // 612 · 1.5 % = 9.18 g stay on bowl and hands; the scale shows 603 g.
        self::assertEqualsWithDelta(9.18, $portions->lostGrams->likely, 1e-9);
        self::assertSame(603.0, $portions->countdown->readingGrams);
        self::assertEqualsWithDelta(612, Portions::mixedFor(Portions::leftGrams(612, Portions::usualLoss()), Portions::usualLoss()), 1e-9);
    }

    public function test_less_dough_than_the_scale_can_divide_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Countdown::from(10, 14, 1);
    }
}
