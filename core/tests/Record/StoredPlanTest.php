<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\Exception\NotAPlan;
use StoneMill\Document\PlanDocument;
use StoneMill\Tests\Bench;

/** A plan that came from elsewhere, damaged: it is refused by the place that is wrong, whatever is asked of it. */
final class StoredPlanTest extends TestCase
{
    #[TestWith(['line.actions.0.kind'])]
    #[TestWith(['griddle.finish'])]
    #[TestWith(['griddle.turns.0.action'])]
    #[TestWith(['method.grease'])]
    #[TestWith(['ledger.0.role'])]
    public function test_a_choice_that_nobody_knows_is_named_by_its_place(string $place): void
    {
        $plan = PlanDocument::of(Bench::sketch('pressed-masa'))->json;
        self::assertIsString(data_get($plan, $place));
        data_set($plan, $place, 'somersault');
        $this->expectException(NotAPlan::class);
        $this->expectExceptionMessage(sprintf('at "%s"', $place));
        PlanDocument::stored($plan, PlanDocument::FORMAT)->planned();
    }

    public function test_the_line_of_a_day_is_refused_where_it_names_a_work_that_nobody_knows(): void
    {
        $plan = PlanDocument::of(Bench::sketch('pressed-masa'))->json;
        data_set($plan, 'line.actions.0.kind', 'somersault');
        $this->expectException(NotAPlan::class);
        PlanDocument::stored($plan, PlanDocument::FORMAT)->line();
    }
}
