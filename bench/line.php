<?php

declare(strict_types=1);

use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Line\Bound;
use StoneMill\Line\Crew;
use StoneMill\Line\LineSearch;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Tests\Line\RandomWork;
use StoneMill\Tests\Seeded;

/* What the search for an order of work costs, and how close it comes: the pieces of a real plan, and the batches of its test. */
require dirname(__DIR__).'/vendor/autoload.php';

$reference = Reference::shipped();
$plan = (new Planner($reference, new StyleTurnPlanner))->plan(PlanRequest::read(['style' => 'pressed-masa', 'gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => 420]]], $reference));
$places = count($plan->packing->places);
$median = static function (Crew $crew) use ($plan): float {
    $taken = [];
    for ($round = 0; $round < 15; $round++) {
        $from = hrtime(true);
        LineSearch::best($plan->line->piece, $crew, 60);
        $taken[] = (hrtime(true) - $from) / 1e6;
    }
    sort($taken);

    return $taken[7];
};
$seeded = new Seeded(505);
$ratios = $reachable = [];
for ($case = 0; $case < 200; $case++) {
    $work = RandomWork::of($seeded);
    $crew = RandomWork::crew($seeded);
    $pieces = $seeded->int(10, 80);
    $ratios[] = LineSearch::best($work, $crew, $pieces)->seconds / Bound::of($work, $crew, $pieces)->seconds;
    if (RandomWork::isReachable($work, $crew)) {
        $reachable[] = $ratios[$case];
    }
}
echo json_encode([
    'one_ms' => $median(new Crew(1, $places)),
    'two_ms' => $median(new Crew(2, $places)),
    'mean_ratio' => array_sum($ratios) / count($ratios),
    'reachable_ratio' => array_sum($reachable) / count($reachable),
], JSON_THROW_ON_ERROR);
