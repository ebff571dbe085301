<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use PHPUnit\Framework\TestCase;
use StoneMill\Ask\AgainstPractice;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Tests\Bench;

/** The shipped breads beside practice and the literature. */
final class AgainstPracticeTest extends TestCase
{
    public function test_finished_breads_hold_the_water_that_is_published_of_their_kind(): void
    {
        foreach (self::check()->moistures() as $style => ['found' => $found, 'published' => [$low, $high]]) {
            self::assertGreaterThanOrEqual($low - 2, $found, $style);
            self::assertLessThanOrEqual($high + 2, $found, $style);
        }
    }

    public function test_the_page_of_the_model_shows_what_is_planned(): void
    {
        $page = (string) file_get_contents(dirname(__DIR__, 3).'/docs/model.md');
        foreach (self::check()->rows() as $row) {
            self::assertCount(count(AgainstPractice::HEADINGS), $row);
            self::assertStringContainsString('| '.implode(' | ', $row).' |', $page, 'bin/mill check prints the table anew');
        }
    }

    private static function check(): AgainstPractice
    {
        return AgainstPractice::shipped(Bench::reference(), new Planner(Bench::reference(), new ModelTurnPlanner));
    }
}
