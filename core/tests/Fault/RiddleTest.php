<?php

declare(strict_types=1);

namespace StoneMill\Tests\Fault;

use PHPUnit\Framework\TestCase;
use StoneMill\Fault\Causes;
use StoneMill\Fault\Finder;
use StoneMill\Fault\Inquiry;
use StoneMill\Fault\Riddle;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\RememberingTurnPlanner;
use StoneMill\Measure\Memory;
use StoneMill\Plan\Planner;
use StoneMill\Tests\Bench;

/** A riddle can be solved by looking, and the same number is the same riddle. */
final class RiddleTest extends TestCase
{
    public function test_of_eighty_riddles_each_can_be_seen_by_something_that_can_be_looked_into_and_is_among_its_choices(): void
    {
        $causes = Causes::shipped();
        $finder = new Finder($causes);
        $planner = new Planner(Bench::reference(), new RememberingTurnPlanner(new ModelTurnPlanner, new Memory));
        $kinds = [];
        for ($seed = 1; $seed <= 80; $seed++) {
            $riddle = Riddle::of($seed, $causes, Bench::reference(), $planner);
            $told = array_merge(...array_map($riddle->answer(...), Inquiry::cases()));
            $given = $riddle->given();
            self::assertNotSame([], $given, "seed $seed, {$riddle->cause->id}: nothing gives it away");
            self::assertContains($given[0]->text, $told, "seed $seed, {$riddle->cause->id}: what gives it away cannot be looked into");
            $choices = array_map(static fn ($cause): string => $cause->id, $riddle->choices($finder));
            self::assertContains($riddle->cause->id, $choices);
            self::assertGreaterThanOrEqual(2, count($choices), "seed $seed");
            self::assertSame(count($choices), count(array_unique($choices)));
            $kinds[$riddle->cause->id] = true;
        }
        self::assertGreaterThanOrEqual(12, count($kinds), 'eighty riddles pose nearly every kind');
    }

    public function test_the_same_number_poses_the_same_riddle_and_nothing_is_told_before_it_is_looked_into(): void
    {
        $first = Bench::ask('riddle', ['seed' => 17]);
        self::assertSame($first, Bench::ask('riddle', ['seed' => 17]));
        self::assertNull($first['outcome']);
        foreach ((array) $first['looks'] as $look) {
            self::assertIsArray($look);
            self::assertNull($look['told']);
        }
        $looked = Bench::ask('riddle', ['seed' => 17, 'looked' => ['bowl']]);
        $told = array_column((array) $looked['looks'], 'told', 'look');
        self::assertNotNull($told['bowl']);
        self::assertNull($told['feel']);
    }
}
