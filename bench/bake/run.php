<?php

declare(strict_types=1);

use StoneMill\Bake\BakeUnderWay;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Iron;
use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Metal;
use StoneMill\Bake\Physics;
use StoneMill\Bake\Steam;
use StoneMill\Dough\WeighedLine;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Pantry\Composition;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/* One disc of 2 mm for 180 s at 16 layers: what it takes in PHP, and all that another program needs to run the same. */
require dirname(__DIR__, 2).'/core/autoload.php';

const TURNS = [20.0, 62.0, 122.0, 180.0];
const ROUNDS = 41;

function bread(): LaidBread
{
    $reference = Reference::shipped();
    $plan = (new Planner($reference, new StyleTurnPlanner))->plan(PlanRequest::read(['style' => 'pressed-masa'], $reference));
    $lines = $plan->dough->linesWithWater($reference->catalogue->ingredient('water'));
    $mixed = Composition::mixed(array_map(static fn (WeighedLine $line): array => ['composition' => $line->ingredient->composition, 'grams' => $line->grams], $lines));

    return new LaidBread(Matter::of($mixed, 0.04, null), 2.0, 25.0);
}

function bake(LaidBread $bread, Mesh $mesh, float $scale = 1.0): BakeUnderWay
{
    $bake = BakeUnderWay::begin($bread, Iron::of(Metal::CastIron, Burner::Regulated, 5, 230, 0.4, 70), new KitchenAir, $mesh);
    foreach (TURNS as $at) {
        $bake->lie(max(0.0, $at * $scale - $bake->secondsOn()));
        if ($at < 180) {
            $bake->turn();
        }
    }

    return $bake;
}

function median(callable $work, int $rounds = ROUNDS): float
{
    $taken = [];
    for ($round = 0; $round < $rounds; $round++) {
        $from = hrtime(true);
        $work();
        $taken[] = (hrtime(true) - $from) / 1e6;
    }
    sort($taken);

    return $taken[intdiv($rounds, 2)];
}

/**
 * The least of some runs taken in turns: what the work needs when nobody disturbs it.
 *
 * @param array<int, callable> $works
 * @return list<array{float, float}>
 */
function least(array $works): array
{
    $least = array_fill_keys(array_keys($works), INF);
    for ($round = 0; $round < 15; $round++) {
        foreach ($works as $key => $work) {
            $from = hrtime(true);
            $work();
            $least[$key] = min($least[$key], (hrtime(true) - $from) / 1e6);
        }
    }

    return array_map(static fn (int $key, float $taken): array => [(float) $key, $taken], array_keys($least), array_values($least));
}

$bread = bread();
$mesh = new Mesh(16);
$iron = Iron::of(Metal::CastIron, Burner::Regulated, 5, 230, 0.4, 70);
$matter = $bread->matter;
$answer = static fn (BakeUnderWay $bake): array => ['loss' => $bake->lossShare(), 'celsius' => $bake->profile(), 'metal' => $bake->metalCelsius()];
$median = median(static fn () => bake($bread, $mesh));
if (($argv[1] ?? '') === 'median') {
    echo $median, "\n";
    exit;
}
echo json_encode([
    'median_ms' => $median,
    'by_layers' => least([16 => static fn () => bake($bread, new Mesh(16)), 32 => static fn () => bake($bread, new Mesh(32)), 64 => static fn () => bake($bread, new Mesh(64))]),
    'by_time' => least([180 => static fn () => bake($bread, $mesh), 360 => static fn () => bake($bread, $mesh, 2.0), 720 => static fn () => bake($bread, $mesh, 4.0)]),
    'answer' => $answer(bake($bread, $mesh)),
    'fine' => $answer(bake($bread, new Mesh(16, 0.02))),
    'setup' => [
        'depth' => $mesh->layersOf(0.002), 'dry_per_m3' => $matter->dryPerCubicMetre(), 'water_per_dry' => $matter->waterPerDry,
        'solid_density' => $matter->solidKilogramPerCubicMetre, 'solid_heat' => $matter->solidHeat, 'solid_conductivity' => $matter->solidConductivity,
        'physics' => (new Physics)->numbers(), 'start' => 25.0, 'readiness' => $matter->readiness, 'turns' => TURNS, 'boiling' => Steam::boilingTable(), 'table_steps' => Steam::TABLE_STEPS,
        'stored' => $iron->storedPerKelvin, 'set' => $iron->setCelsius, 'regulation' => $iron->regulation, 'most_power' => $iron->mostPower,
        'lateral' => $iron->lateral, 'covered' => $iron->coveredShare, 'room' => 21.0,
        'first_step' => $mesh->steps(2.0)->first, 'longest_step' => $mesh->steps(2.0)->usual, 'growth' => $mesh->steps(2.0)->growth,
    ],
], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), "\n";
