<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\BrokenRow;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

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
        $plan = self::spoilt($place);
        $this->expectException(BrokenRow::class);
        $this->expectExceptionMessage("plan.$place");
        PlanDocument::stored($plan, PlanDocument::FORMAT)->planned();
    }

    public function test_the_line_of_a_day_is_refused_where_it_names_a_work_that_nobody_knows(): void
    {
        $plan = self::spoilt('line.actions.0.kind');
        $this->expectException(BrokenRow::class);
        PlanDocument::stored($plan, PlanDocument::FORMAT)->line();
    }

    /** @return array<string, mixed> a plan that names a choice which nobody knows */
    private static function spoilt(string $place): array
    {
        $plan = PlanDocument::of(Bench::sketch('pressed-masa'))->json;
        Said::at($plan, $place)->text();
        data_set($plan, $place, 'somersault');

        return (new Said($plan))->fields();
    }
}
