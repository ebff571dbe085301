<?php

declare(strict_types=1);

namespace StoneMill\Tests\Plan;

use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** What must the bread do, and for whom: the answer is a bread. */
final class ChooserTest extends TestCase
{
    public function test_a_low_wrap_without_egg_or_nuts_is_the_coconut_one(): void
    {
        $breads = self::choose(['purpose' => 'wrap', 'without' => ['egg', 'tree_nuts'], 'net_carbohydrate_most' => 5]);
        self::assertSame('coconut-psyllium-wrap', $breads[0]['style']->value);
        self::assertSame([], $breads[0]['misses']->value);
        self::assertCount(4, $breads[0]['fits']);
    }

    public function test_those_that_meet_every_wish_stand_before_those_that_miss_one(): void
    {
        $misses = array_map(static fn (Said $bread): int => count($bread['misses']), self::choose(['purpose' => 'dip', 'minutes_most' => 60, 'no_oven' => true])->listed());
        $sorted = $misses;
        sort($sorted);
        self::assertSame($sorted, $misses);
        self::assertSame(0, $misses[0]);
    }

    public function test_every_style_is_held_against_the_wishes_and_says_why(): void
    {
        $breads = self::choose(['purpose' => 'split', 'without' => ['milk'], 'no_press' => true, 'no_boiling' => true]);
        self::assertCount(count(Bench::reference()->styles->ids()), $breads);
        foreach ($breads as $bread) {
            self::assertCount(4, [...$bread['fits']->listed(), ...$bread['misses']->listed()], $bread['style']->text());
        }
    }

    public function test_what_a_kitchen_lacks_counts_against_the_breads_that_want_it(): void
    {
        $of = static fn (array $wishes, string $style): array => self::choose((new Said($wishes))->fields())->one('style', $style)['misses']->all();
        self::assertSame(['Wants a lever press.'], $of(['no_press' => true], 'pressed-masa'));
        self::assertSame(['Wants an oven or broiler.'], $of(['no_oven' => true], 'chickpea-pan-bread'));
        self::assertSame(['Wants scalding water.'], $of(['no_boiling' => true], 'oat-round'));
        self::assertSame([], $of(['no_press' => true, 'no_oven' => true, 'no_boiling' => true], 'patted-masa'));
    }

    public function test_without_a_wish_all_are_as_good(): void
    {
        foreach (self::choose([]) as $bread) {
            self::assertSame([], $bread['misses']->value);
        }
    }

    public function test_wishes_that_are_none_are_refused_by_name(): void
    {
        try {
            self::choose(['purpose' => 'frisbee', 'without' => ['fun'], 'minutes_most' => -1, 'no_oven' => 'yes']);
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame(['purpose', 'without[0]', 'minutes_most', 'no_oven'], array_map(static fn ($error): string => $error->path, $refusal->errors));
        }
    }

    /**
     * @param array<string, mixed> $wishes
     */
    private static function choose(array $wishes): Said
    {
        return Said::at(Bench::ask('choose', $wishes), 'breads');
    }
}
