<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use StoneMill\Document\PlanDocument;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Tests\Bench;
use Tests\TestCase;

/** A server keeps the reference facts compiled; they say the same as those of core/data. */
final class CompiledFactsTest extends TestCase
{
    public function test_compiled_facts_give_the_same_plans_to_the_byte(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'facts');
        self::assertSame(0, Artisan::call('mill:facts', ['file' => $file]));
        $compiled = Reference::compiled($file);
        unlink($file);
        foreach ($compiled->styles->ids() as $style) {
            $plan = (new Planner($compiled, new ModelTurnPlanner))->plan(PlanRequest::read(['style' => $style], $compiled));
            self::assertSame(json_encode(PlanDocument::of(Bench::planOf(['style' => $style]))->json), json_encode(PlanDocument::of($plan)->json), $style);
        }
    }

    public function test_a_server_without_them_reads_core_data(): void
    {
        config(['mill.facts' => '/nowhere/facts.php']);
        self::assertSame(Bench::reference()->styles->ids(), app(Reference::class)->styles->ids());
    }
}
