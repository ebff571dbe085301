<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\Internal\TriedBakes;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Griddle\TurnSearch;
use StoneMill\Griddle\TurnWish;
use StoneMill\School\TurnSchool;
use StoneMill\Tests\Bench;

/** A search may not hold the house up, however thick the bread and however wide the heats. */
final class SearchWorkTest extends TestCase
{
    public function test_a_search_ends_when_its_work_is_spent_and_keeps_the_best_it_tried(): void
    {
        $laying = Bench::laying(Bench::reference()->styles->style('millet-round'));
        $baked = 0;
        $tried = new TriedBakes($laying, $laying->aim, static function (PlannedBake $one) use (&$baked): float {
            $baked++;

            return abs($one->laying->surfaceCelsius() - 230);
        }, 1500.0);
        $costs = array_map(static fn (int $heat): float => $tried->cost((float) $heat, 1.0, null), range(250, 200, -5));
        self::assertLessThan(count($costs), $baked);
        self::assertSame(array_fill(0, count($costs) - $baked, INF), array_slice($costs, $baked), 'what was not tried is never chosen');
        self::assertSame(min($costs), abs($tried->best()->laying->surfaceCelsius() - 230));
        self::assertSame($costs[0], $tried->cost(250.0, 1.0, null), 'what was tried is remembered');
    }

    public function test_one_bake_is_always_tried_even_where_it_costs_more_than_there_is(): void
    {
        $laying = Bench::laying(Bench::reference()->styles->style('thick-corn-round'));
        $tried = new TriedBakes($laying, $laying->aim, static fn (): float => 1.0, 0.0);
        self::assertSame(1.0, $tried->cost(185.0, 1.0, null));
        self::assertSame(INF, $tried->cost(190.0, 1.0, null));
    }

    public function test_every_school_of_a_style_is_tried_and_the_best_is_baked_as_a_plan_would(): void
    {
        $laying = Bench::laying(Bench::reference()->styles->style('rice-round'));
        $schools = [TurnSchool::TwoTurns, TurnSchool::FlameFinish];
        $found = (new TurnSearch(new TurnWish($laying->aim, $schools, [130.0, 330.0])))->best($laying);
        self::assertCount(count($schools), $found);
        $plan = (new ModelTurnPlanner)->bake($found[0]->laying);
        self::assertSame($plan->liftedAtSeconds, $found[0]->liftedAtSeconds);
    }
}
