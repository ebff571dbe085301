<?php

declare(strict_types=1);

namespace StoneMill\Tests\Learn;

use PHPUnit\Framework\TestCase;
use StoneMill\Learn\WaterLesson;
use StoneMill\Learn\WaterRecord;
use StoneMill\Measure\Spread;
use StoneMill\Tests\Seeded;

/** What batches say of the water that bags, flours and cooks take. */
final class WaterRecordTest extends TestCase
{
    public function test_nothing_is_known_of_a_bag_before_any_dough_of_its_flour_was_felt(): void
    {
        self::assertNull((new WaterRecord([]))->bag('masa', 'a'));
        self::assertNull((new WaterRecord([self::lesson(5, 'a')]))->bag('rice', 'b'));
    }

    public function test_one_batch_worked_by_hand(): void
    {
        // One batch said +10, felt ready: variance 2² + 2² = 8. Priors 8² of the flour and 3² of the bag: together 73 of 81.
        // Flour and bag: 10 · 73/81 = 9.012, variance 73 · 8/81 = 7.210. One batch pulls no outlier: it is off by 0.99, weight (4 + 1)/(4 + 0.99²/8) = 1.213.
        // Weight 1.213 makes its variance 6.597: 10 · 73/79.597 = 9.171; once more (0.829² / 8): 1.224 gives 9.178. With noise 2²: √(6.0 + 4).
        $known = (new WaterRecord([self::lesson(10, 'a')]))->bag('masa', 'a');
        self::assertNotNull($known);
        self::assertEqualsWithDelta(9.178, $known->points, 0.01);
        self::assertEqualsWithDelta(3.16, $known->deviation, 0.03);
        self::assertSame(1, $known->batches);
    }

    public function test_a_new_bag_inherits_what_its_flour_taught_and_is_less_sure(): void
    {
        $record = new WaterRecord([self::lesson(8, 'a'), self::lesson(7, 'a'), self::lesson(9, 'a')]);
        [$old, $new] = [$record->bag('masa', 'a'), $record->bag('masa', 'b')];
        self::assertNotNull($old);
        self::assertNotNull($new);
        self::assertGreaterThan(5.0, $new->points);
        self::assertLessThan($old->points, $new->points);
        self::assertGreaterThan($old->deviation, $new->deviation);
    }

    public function test_one_slip_among_many_hardly_moves_what_is_known(): void
    {
        $said = array_map(static fn (int $index): WaterLesson => self::lesson(4 + ($index % 3 - 1), 'a'), range(0, 8));
        $plain = (new WaterRecord($said))->bag('masa', 'a');
        $slipped = (new WaterRecord([...$said, self::lesson(60, 'a')]))->bag('masa', 'a');
        self::assertLessThan(1.5, abs(($slipped->points ?? 0) - ($plain->points ?? 0)));
    }

    public function test_what_goes_with_scalding_is_told_of_scalds_and_not_laid_on_the_bag(): void
    {
        // Cold doughs of this bag take what its kind does; those that hot water swelled by eight tenths take 6 points less: 7.5 for a whole one.
        $lessons = [];
        for ($batch = 0; $batch < 8; $batch++) {
            $lessons[] = self::lesson(0, 'a');
            $lessons[] = new WaterLesson([['flour' => 'masa', 'bag' => 'a', 'share' => 1.0]], -6.0, 2.0, swollen: 0.8);
        }
        $record = new WaterRecord($lessons);
        [$heat, $bag] = [$record->heat(), $record->bag('masa', 'a')];
        self::assertNotNull($heat);
        self::assertNotNull($bag);
        self::assertEqualsWithDelta(-7.5, $heat->value, 1.6);
        self::assertSame(8, $heat->batches);
        self::assertLessThan(1.0, abs($bag->points));
        self::assertEqualsWithDelta(-6.0, $bag->points + 0.8 * $heat->value, 0.7, 'together they are what was felt');
        self::assertNull((new WaterRecord([self::lesson(4, 'a')]))->heat(), 'nothing is said of scalds where none was felt');
    }

    public function test_a_batch_that_is_left_out_moves_it_back_to_where_it_was(): void
    {
        $three = [self::lesson(3, 'a'), self::lesson(5, 'a'), self::lesson(4, 'a')];
        $four = [...$three, self::lesson(12, 'a')];
        self::assertEquals((new WaterRecord($three))->bag('masa', 'a'), (new WaterRecord(array_slice($four, 0, 3)))->bag('masa', 'a'));
        self::assertGreaterThan((new WaterRecord($three))->bag('masa', 'a')->points ?? 0, (new WaterRecord($four))->bag('masa', 'a')->points ?? 0);
    }

    public function test_a_cook_who_calls_dough_ready_too_soon_is_not_laid_on_the_bag(): void
    {
        $lessons = [];
        foreach (range(1, 12) as $batch) {
            $lessons[] = self::lesson(0, 'a', cook: 'even');
            $lessons[] = self::lesson(-4, 'a', cook: 'hasty');
        }
        $alone = (new WaterRecord(array_values(array_filter($lessons, static fn (WaterLesson $lesson): bool => $lesson->cook === 'hasty'))))->bag('masa', 'a');
        $both = (new WaterRecord($lessons))->bag('masa', 'a');
        self::assertGreaterThan($alone->points ?? 0, $both->points ?? 0);
    }

    public function test_what_a_bag_said_long_ago_is_less_sure(): void
    {
        $fresh = (new WaterRecord([self::lesson(6, 'a', day: 720), self::lesson(6, 'a', day: 730)]))->bag('masa', 'a');
        $old = (new WaterRecord([self::lesson(6, 'a', day: 1), self::lesson(6, 'a', day: 730)]))->bag('masa', 'a');
        self::assertGreaterThan($fresh->deviation ?? 0, $old->deviation ?? 0);
    }

    public function test_over_simulated_kitchens_the_bands_hold_and_the_error_falls(): void
    {
        $seeded = new Seeded(1401);
        $inside = $asked = $overshot = 0;
        $errors = array_fill(0, 7, []);
        $catalogue = [];
        $lastTime = [];
        for ($kitchen = 0; $kitchen < 300; $kitchen++) {
            // Not drawn from the priors: flours differ evenly by up to 13 points, bags by up to 5, hands by up to 3; one batch in twenty is a slip.
            $flour = $seeded->between(-13, 13);
            $cook = $seeded->between(-3, 3);
            $lessons = [];
            foreach (['a', 'b'] as $bag) {
                $takes = $flour + $seeded->between(-5, 5);
                for ($batch = 0; $batch < 6; $batch++) {
                    $need = $takes + $cook + $seeded->between(-3.4, 3.4);
                    $known = (new WaterRecord($lessons))->bag('masa', $bag);
                    if ($bag === 'b') {
                        $catalogue[] = abs($need);
                        $errors[$batch][] = abs($need - ($known->points ?? 0.0));
                        if ($lessons !== []) {
                            $lastTime[] = abs($need - $lessons[count($lessons) - 1]->points);
                        }
                    }
                    if ($known !== null && $batch > 0) {
                        $asked++;
                        $reach = Spread::DECILE_DEVIATIONS * $known->deviation;
                        $inside += abs($need - $known->points) <= $reach ? 1 : 0;
                        $overshot += $known->points - $reach > $need ? 1 : 0;
                    }
                    $slip = $seeded->int(1, 20) === 1 ? $seeded->between(-25, 25) : 0.0;
                    $lessons[] = self::lesson($need + $seeded->between(-2.5, 2.5) + $slip, $bag, cook: 'one');
                }
            }
        }
        $mean = static fn (array $values): float => array_sum($values) / count($values);
        self::assertGreaterThan(0.74, $inside / $asked);
        self::assertLessThan(0.90, $inside / $asked);
        self::assertEqualsWithDelta(0.10, $overshot / $asked, 0.05);
        self::assertLessThan(0.5 * $mean($catalogue), $mean($errors[3]), 'by the fourth batch of a bag half of the catalogue\'s error');
        self::assertLessThan($mean($lastTime), $mean([...$errors[1], ...$errors[2], ...$errors[3], ...$errors[4], ...$errors[5]]), 'better than pouring what was poured last time');
    }

    private static function lesson(float $points, string $bag, ?string $cook = null, int $day = 0): WaterLesson
    {
        return new WaterLesson([['flour' => 'masa', 'bag' => $bag, 'share' => 1.0]], $points, 2.0, $cook, $day);
    }
}
