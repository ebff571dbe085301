<?php

declare(strict_types=1);

use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/* What a plan costs in the core alone, next to reading and writing its own JSON. */
require dirname(__DIR__).'/core/autoload.php';

const ROUNDS = 400;

/** @param callable(): mixed $work */
function median(callable $work): float
{
    $taken = [];
    for ($round = 0; $round < ROUNDS; $round++) {
        $from = hrtime(true);
        $work();
        $taken[] = (hrtime(true) - $from) / 1e6;
    }
    sort($taken);

    return $taken[intdiv(ROUNDS, 2)];
}

$reference = Reference::shipped();
$planner = new Planner($reference, new StyleTurnPlanner);
$document = json_decode((string) file_get_contents(dirname(__DIR__).'/formats/examples/pressed-masa.json'), true, 64, JSON_THROW_ON_ERROR);
$plan = static fn () => $planner->plan(PlanRequest::read($document, $reference));
median($plan);
echo json_encode([
    'plan_ms' => median($plan),
    'plan_to_json_ms' => median(static fn () => json_encode($plan()->toArray())),
    'reference_ms' => median(static fn () => Reference::shipped()),
]), "\n";
