<?php

declare(strict_types=1);

namespace StoneMill\Tests\Learn;

use PHPUnit\Framework\TestCase;
use StoneMill\Learn\HandLesson;
use StoneMill\Learn\HandRecord;
use StoneMill\Learn\HeatLesson;
use StoneMill\Measure\Learned;
use StoneMill\Measure\Spread;
use StoneMill\Tests\Seeded;

/** What weighings, measured discs and clocks say of hands and losses. */
final class HandRecordTest extends TestCase
{
    public function test_evenness_by_hand(): void
    {
        // 14 pieces that differ by 6 %, beside eight that nobody weighed of 3 %: √((8 · 0.03² + 13 · 0.06²) / 21) = 5.07 %.
        $even = (new HandRecord([new HandLesson('one', 'lever_press', [14, 0.06])], [], 0.015))->evenness('one');
        self::assertEqualsWithDelta(0.0507, $even->value ?? 0, 0.0001);
        self::assertNull((new HandRecord([new HandLesson('one', 'lever_press', [14, 0.06])], [], 0.015))->evenness('other'));
    }

    public function test_each_cook_has_their_own_hand_and_a_new_one_inherits_the_way_of_shaping(): void
    {
        $lessons = [];
        foreach (range(1, 6) as $day) {
            $lessons[] = new HandLesson('heavy', 'lever_press', thick: [3, 0.02], day: $day);
            $lessons[] = new HandLesson('light', 'lever_press', thick: [3, 0.14], day: $day);
        }
        $record = new HandRecord($lessons, [], 0.015);
        self::assertLessThan($record->thickness('light', 'lever_press')->value ?? 0, $record->thickness('heavy', 'lever_press')->value ?? 0);
        $new = $record->thickness('new', 'lever_press');
        self::assertEqualsWithDelta(0.08, $new->value ?? 0, 0.03);
        self::assertGreaterThan($record->thickness('light', 'lever_press')->deviation ?? 0, $new->deviation ?? 0);
        self::assertNull($record->thickness('light', 'palms'));
    }

    public function test_a_pace_is_a_median_that_no_interruption_moves(): void
    {
        $plain = [8, 9, 8, 7, 9, 8, 8, 9];
        $pace = static fn (float ...$seconds): ?Learned => (new HandRecord([new HandLesson('one', 'lever_press', portionSeconds: array_values($seconds))], [], 0.015))->portionSeconds('one');
        self::assertSame(8.0, $pace(...$plain)->value ?? 0.0);
        self::assertSame(8.0, $pace(...$plain, ...[55])->value ?? 0.0);
        self::assertNull($pace(8, 9, 8), 'too few to tell');
    }

    public function test_over_simulated_kitchens_losses_are_found_within_their_band(): void
    {
        $seeded = new Seeded(1403);
        $inside = ['bowl' => 0, 'griddle' => 0, 'thick' => 0];
        for ($kitchen = 0; $kitchen < 300; $kitchen++) {
            // Evenly, not normally: bowls keep 0.2 to 3.5 %, griddles take up to 3.5 points more or less, presses leave up to a fifth more or less.
            [$bowl, $loss, $thick] = [$seeded->between(0.002, 0.035), $seeded->between(-3.5, 3.5), $seeded->between(-0.2, 0.2)];
            $hands = $heat = [];
            for ($batch = 1; $batch <= 5; $batch++) {
                $hands[] = new HandLesson('one', 'lever_press', null, [2, $thick + $seeded->between(-0.07, 0.07) + $seeded->between(-0.06, 0.06)], $bowl + $seeded->between(-0.01, 0.01), day: $batch);
                $heat[] = new HeatLesson('iron', null, 'masa', 230, 230, lossPoints: $loss + $seeded->between(-2, 2), day: $batch);
            }
            $record = new HandRecord($hands, $heat, 0.015);
            $inside['bowl'] += self::holds($record->bowlLoss(), $bowl + $seeded->between(-0.01, 0.01));
            $inside['griddle'] += self::holds($record->weightLoss('masa'), $loss + $seeded->between(-2, 2));
            $inside['thick'] += self::holds($record->thickness('one', 'lever_press'), $thick + $seeded->between(-0.07, 0.07));
        }
        foreach ($inside as $what => $count) {
            self::assertGreaterThan(0.72, $count / 300, $what);
            self::assertLessThan(0.95, $count / 300, $what);
        }
    }

    /** Whether the next one falls into the band that holds it eight times in ten. */
    private static function holds(?Learned $learned, float $next): int
    {
        return $learned !== null && abs($next - $learned->value) <= Spread::DECILE_DEVIATIONS * $learned->deviation ? 1 : 0;
    }
}
