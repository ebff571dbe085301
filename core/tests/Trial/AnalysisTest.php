<?php

declare(strict_types=1);

namespace StoneMill\Tests\Trial;

use PHPUnit\Framework\TestCase;
use StoneMill\Ask\TrialDesk;
use StoneMill\Document\AnalysisDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use StoneMill\Tests\Seeded;
use StoneMill\Trial\Analysis;
use StoneMill\Trial\Gauge;
use StoneMill\Trial\Interval;
use StoneMill\Trial\Level;
use StoneMill\Trial\Order;
use StoneMill\Trial\Point;

/** What a trial says: exact where it can be, alarmed no more often than it says, and plain where there is too little. */
final class AnalysisTest extends TestCase
{
    public function test_three_against_three_that_do_not_overlap_come_by_chance_once_in_ten(): void
    {
        // 20 ways to deal 3 and 3 of 6; as far apart lie just this one and its mirror image: 2 of 20.
        $told = self::told([[1, 2, 3], [4, 5, 6]]);
        self::assertSame('leaning', $told['standing'], 'one in ten is not one in twenty');
        self::assertSame(['low' => null, 'high' => null], data($told, 'difference.ninety_five'));
        self::assertEqualsWithDelta(3.0, data($told, 'difference.value'), 1e-9);
        self::assertStringContainsString('1 more of each would tell', Said::at($told, 'words')->text());
    }

    public function test_intervals_are_those_that_dealing_every_hand_by_bits_gives(): void
    {
        $seeded = new Seeded(41);
        for ($trial = 0; $trial < 25; $trial++) {
            $first = array_map(static fn (): float => round($seeded->between(0, 10), 1), range(1, $seeded->int(3, 5)));
            $second = array_map(static fn (): float => round($seeded->between(2, 12), 1), range(1, $seeded->int(3, 5)));
            $told = self::told([$first, $second]);
            $best = $told['best'];
            [$worse, $better] = $best === 1 ? [$first, $second] : [$second, $first];
            $low = data($told, 'difference.eighty.low');
            if (! is_float($low)) {
                continue;
            }
            // Just inside the bound is not refused, just outside is.
            self::assertGreaterThan(0.2, self::chanceByBits($worse, $better, $low + 1e-4));
            self::assertLessThanOrEqual(0.2, self::chanceByBits($worse, $better, $low - 1e-4));
        }
    }

    public function test_two_thousand_trials_of_nothing_raise_no_more_alarms_than_stated(): void
    {
        $seeded = new Seeded(7);
        $decided = $leaning = 0;
        for ($trial = 0; $trial < 2000; $trial++) {
            $standing = self::told([self::drawn($seeded, 0.0, 4), self::drawn($seeded, 0.0, 4)])['standing'];
            $decided += $standing === 'decided' ? 1 : 0;
            $leaning += $standing === 'leaning' ? 1 : 0;
        }
        self::assertLessThanOrEqual(0.06, $decided / 2000, 'decided at 95 %');
        // Two standard errors of 2,000 such trials.
        self::assertLessThanOrEqual(0.2 + 2 * sqrt(0.2 * 0.8 / 2000), ($decided + $leaning) / 2000, 'leaning at 80 %');
    }

    public function test_intervals_hold_the_true_difference_as_often_as_they_say(): void
    {
        $seeded = new Seeded(11);
        $held = [0, 0];
        for ($trial = 0; $trial < 600; $trial++) {
            $told = self::told([self::drawn($seeded, 0.0, 5), self::drawn($seeded, 1.0, 5)]);
            $true = $told['best'] === 1 ? 1.0 : -1.0;
            foreach (['eighty', 'ninety_five'] as $index => $name) {
                $interval = new Interval(self::end($told, "$name.low"), self::end($told, "$name.high"));
                $held[$index] += ($interval->low === null || $interval->low <= $true) && ($interval->high === null || $interval->high >= $true) ? 1 : 0;
            }
        }
        self::assertEqualsWithDelta(0.8, $held[0] / 600, 0.05);
        self::assertGreaterThanOrEqual(0.93, $held[1] / 600);
    }

    public function test_a_difference_of_two_scatters_is_found_by_six_of_each_nearly_always(): void
    {
        $seeded = new Seeded(3);
        $found = 0;
        for ($trial = 0; $trial < 200; $trial++) {
            $told = self::told([self::drawn($seeded, 0.0, 6), self::drawn($seeded, 2.0, 6)]);
            $found += $told['standing'] === 'decided' && $told['best'] === 1 ? 1 : 0;
        }
        self::assertGreaterThan(0.8, $found / 200);
    }

    public function test_a_line_through_three_levels_has_the_slope_that_the_textbook_gives(): void
    {
        // x 1 2 3, y 2 4 5 and again 1 4 6: mean x 2, mean y 11/3; Sxx 4, Sxy 8: slope 2.
        $levels = [new Level('1', 1.0), new Level('2', 2.0), new Level('3', 3.0)];
        $points = [new Point(0, 2), new Point(1, 4), new Point(2, 5), new Point(0, 1), new Point(1, 4), new Point(2, 6)];
        $told = (new AnalysisDocument((new Analysis($levels, new Gauge('y', false, true, 1.0), $points))->findings()))->json();
        self::assertEqualsWithDelta(2.0, data($told, 'slope.per_unit'), 1e-9);
        // Left over: (−1/3 … ) sum of squares 4/3 over 4 degrees, so its error is √(1/3/4) = 0.2887; t(0.975; 4) = 2.776.
        self::assertEqualsWithDelta(2.0 - 2.776 * sqrt(1 / 12), data($told, 'slope.ninety_five.low'), 1e-3);
        self::assertSame(4.0, $told['next'], 'the best is the last: one step beyond');
    }

    public function test_with_nothing_or_too_little_it_says_so(): void
    {
        self::assertStringContainsString('Nothing can be said yet', Said::at(self::told([[], []]), 'words')->text());
        $told = self::told([[3], [4]]);
        self::assertSame('open', $told['standing']);
        self::assertSame(3, $told['more'], 'four of each are the fewest that can decide');
        $same = self::told([[5.0, 5.1, 4.9, 5.05, 5.0], [5.05, 5.0, 5.1, 4.95, 5.02]], matters: 1.0);
        self::assertSame('same', $same['standing']);
        self::assertStringContainsString('no difference that matters', Said::at($same, 'words')->text());
    }

    public function test_steps_of_a_scale_are_held_by_their_rank_and_not_by_their_distance(): void
    {
        $near = self::told([[0, 0, 1, 1], [2, 2, 3, 3]], ordered: true);
        $far = self::told([[0, 0, 1, 1], [20, 20, 300, 300]], ordered: true);
        self::assertSame(data($near, 'difference'), data($far, 'difference'));
        self::assertSame('decided', $near['standing']);
    }

    public function test_less_can_be_better(): void
    {
        $told = self::told([[1, 1.2, 0.9, 1.1], [3, 3.1, 2.8, 3.3]], more: false);
        self::assertSame(0, $told['best']);
        self::assertSame('decided', $told['standing']);
        self::assertGreaterThan(0.99, data($told, 'difference.chance'));
    }

    public function test_every_level_comes_once_in_every_round_and_the_same_seed_deals_the_same(): void
    {
        $order = Order::of(3, 5, 17);
        self::assertSame($order, Order::of(3, 5, 17));
        self::assertNotSame($order, Order::of(3, 5, 18));
        foreach (array_chunk($order, 3) as $round) {
            sort($round);
            self::assertSame([0, 1, 2], $round);
        }
    }

    public function test_a_table_of_anyones_measurements_is_read_and_a_wrong_line_is_named(): void
    {
        $told = Bench::ask('trial', ['csv' => "level,value\n124,38\n124,37\n132,\"41\"\r\n132,42\n"]);
        self::assertSame(['124', '132'], array_map(static fn (mixed $one): mixed => is_array($one) ? $one['name'] : null, (array) $told['levels']));
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('line 3');
        Bench::ask('trial', ['csv' => "level,value\n124,38\n124,warm\n"]);
    }

    public function test_a_table_may_have_no_heads_heads_of_its_own_and_several_trials(): void
    {
        $standing = static fn (array $table): array => [data(Bench::ask('trial', $table), 'levels.0.count'), data(Bench::ask('trial', $table), 'levels.1.mean'), data(Bench::ask('trial', $table), 'table.trial')];
        self::assertSame([2, 41.5, null], $standing(['csv' => "124;38\n124;37\n132;41\n132;42\n"]));
        self::assertSame([2, 41.5, null], $standing(['csv' => "Salz\tGewicht\n1 %\t38\n1 %\t37\n2 %\t41,0\n2 %\t42\n", 'columns' => ['level' => 'Salz', 'value' => 'Gewicht']]));
        // Yes is one and no is none; what was not judged yet says nothing.
        $two = "Question,Set to,Good\nHotter?,210,yes\nHotter?,230,no\nHotter?,230,\nLonger?,short,no\nLonger?,long,yes\n";
        self::assertSame([1, 0.0, 'Hotter?'], $standing(['csv' => $two]));
        self::assertSame([1, 1.0, 'Longer?'], $standing(['csv' => $two, 'trial' => 'Longer?']));
        $this->expectExceptionMessage('tells of 1 things');
        Bench::ask('trial', ['csv' => "level,value\n124,38\n"]);
    }

    public function test_halves_of_one_dough_are_held_against_each_other_dough_by_dough(): void
    {
        // Six doughs that lie far apart, in each the second half better by about one: 2 of 2^6 = 64 signs lie so far out, 3 %.
        $told = self::paired([[2, 3.1], [9, 9.9], [5, 6.2], [7, 8], [1, 1.8], [4, 5]]);
        self::assertSame('decided', $told['standing']);
        self::assertSame(1, $told['best']);
        self::assertEqualsWithDelta(1.0, data($told, 'difference.value'), 1e-9);
        self::assertGreaterThan(0.0, data($told, 'difference.ninety_five.low'));
        $apart = self::told([[2, 9, 5, 7, 1, 4], [3.1, 9.9, 6.2, 8, 1.8, 5]]);
        self::assertSame('open', $apart['standing'], 'as batches of their own, the same numbers say nothing');
        // Of five, 2 of 32 are one in sixteen: not nineteen in twenty.
        $five = self::paired([[2, 3.1], [9, 9.9], [5, 6.2], [7, 8], [1, 1.8]]);
        self::assertSame('leaning', $five['standing']);
        self::assertStringContainsString('1 more dough would tell', Said::at($five, 'words')->text());
    }

    public function test_a_dough_of_which_one_half_came_out_waits_for_the_other(): void
    {
        $alone = (new AnalysisDocument((new Analysis([new Level('short', null), new Level('long', null)], new Gauge('score', false, true, 1.0), [new Point(0, 5.0, 'a'), new Point(1, 9.0, 'b')]))->findings()))->json();
        self::assertSame('open', $alone['standing']);
        self::assertNull($alone['difference']);
    }

    public function test_two_thousand_trials_of_nothing_in_halves_raise_no_more_alarms_than_stated(): void
    {
        $seeded = new Seeded(19);
        $decided = $alarmed = 0;
        for ($trial = 0; $trial < 2000; $trial++) {
            $pairs = [];
            for ($dough = 0; $dough < 6; $dough++) {
                $own = 3 * self::drawn($seeded, 0.0, 1)[0];
                $pairs[] = [$own + self::drawn($seeded, 0.0, 1)[0], $own + self::drawn($seeded, 0.0, 1)[0]];
            }
            $standing = self::paired($pairs)['standing'];
            $decided += $standing === 'decided' ? 1 : 0;
            $alarmed += in_array($standing, ['decided', 'leaning'], true) ? 1 : 0;
        }
        self::assertLessThanOrEqual(0.05 + 2 * sqrt(0.05 * 0.95 / 2000), $decided / 2000, 'decided at 95 %');
        self::assertLessThanOrEqual(0.2 + 2 * sqrt(0.2 * 0.8 / 2000), $alarmed / 2000, 'leaning at 80 %');
    }

    public function test_a_table_with_a_third_column_is_of_halves(): void
    {
        $ask = static fn (string $table): array => (new TrialDesk)->trial(['csv' => $table])->json;
        self::assertEqualsWithDelta(1.5, data($ask("rest,score,dough\nshort,5,a\nlong,6,a\nshort,4,b\nlong,6,b\n"), 'difference.value'), 1e-9);
        foreach (["short,5,a\nshort,6,a\nlong,1,b\n" => 'Both halves', "short,5,a\nlong,6\n" => 'Some points name', "x,5,a\ny,6,a\nz,7,a\n" => 'Halves of one dough'] as $table => $words) {
            try {
                $ask($table);
                self::fail('was taken: '.$table);
            } catch (InvalidInput $refusal) {
                self::assertStringContainsString($words, $refusal->getMessage());
            }
        }
        $this->expectExceptionMessage('Both halves');
        (new TrialDesk)->trial(['levels' => [['name' => 'short'], ['name' => 'long']], 'points' => [['level' => 'short', 'value' => 5, 'pair' => 'a'], ['level' => 'short', 'value' => 6, 'pair' => 'a']]]);
    }

    /**
     * @param list<array{float|int, float|int}> $pairs
     * @return array<string, mixed>
     */
    private static function paired(array $pairs): array
    {
        $points = [];
        foreach ($pairs as $dough => [$first, $second]) {
            $points[] = new Point(0, (float) $first, (string) $dough);
            $points[] = new Point(1, (float) $second, (string) $dough);
        }

        return (new AnalysisDocument((new Analysis([new Level('A', null), new Level('B', null)], new Gauge('score', false, true, 0.5), $points))->findings()))->json();
    }

    /**
     * @param array{list<int|float>, list<int|float>} $groups
     * @return array<string, mixed>
     */
    private static function told(array $groups, bool $ordered = false, bool $more = true, ?float $matters = null): array
    {
        $points = [];
        foreach ($groups as $level => $values) {
            foreach ($values as $value) {
                $points[] = new Point($level, (float) $value);
            }
        }

        return (new AnalysisDocument((new Analysis([new Level('first', null), new Level('second', null)], new Gauge('it', $ordered, $more, $matters), $points))->findings()))->json();
    }

    /** @param array<string, mixed> $told */
    private static function end(array $told, string $path): ?float
    {
        $end = Said::at($told, "difference.$path");

        return $end->value === null ? null : $end->number();
    }

    /** @return list<float> normal, by the sum of twelve even draws */
    private static function drawn(Seeded $seeded, float $mean, int $count): array
    {
        return array_map(static fn (): float => $mean + array_sum(array_map(static fn (): float => $seeded->between(0, 1), range(1, 12))) - 6, range(1, $count));
    }

    /**
     * The same chance counted another way: every subset as the bits of a number.
     *
     * @param list<float> $first
     * @param list<float> $second
     */
    private static function chanceByBits(array $first, array $second, float $shift): float
    {
        $all = [...$first, ...array_map(static fn (float $value): float => $value - $shift, $second)];
        $apart = static function (int $bits) use ($all): float {
            $in = $out = [];
            foreach ($all as $index => $value) {
                $bits >> $index & 1 ? $in[] = $value : $out[] = $value;
            }

            return abs(array_sum($in) / count($in) - array_sum($out) / count($out));
        };
        $seen = $apart((2 ** count($second) - 1) << count($first));
        $asFar = $dealt = 0;
        for ($bits = 0; $bits < 2 ** count($all); $bits++) {
            if (substr_count(decbin($bits), '1') === count($second)) {
                $dealt++;
                $asFar += $apart($bits) >= $seen - 1e-9 ? 1 : 0;
            }
        }

        return $asFar / $dealt;
    }
}

/** @param array<string, mixed> $told */
function data(array $told, string $path): mixed
{
    return array_reduce(explode('.', $path), static fn (mixed $at, string $step): mixed => is_array($at) ? $at[$step] ?? null : null, $told);
}
