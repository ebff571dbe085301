<?php

declare(strict_types=1);

use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;
use StoneMill\Document\IngredientDocument;
use StoneMill\Document\PlanDocument;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Pantry\Ingredient;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/* What a plan costs in the core alone, next to reading and writing its own JSON. */
require dirname(__DIR__).'/core/autoload.php';

const ROUNDS = 400;
const FEW = 30;

/** @param callable(): mixed $work */
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

$reference = Reference::shipped();
$planner = new Planner($reference, new ModelTurnPlanner);
$sketcher = new Planner($reference, new StyleTurnPlanner);
$document = json_decode((string) file_get_contents(dirname(__DIR__).'/formats/examples/pressed-masa.json'), true, 64, JSON_THROW_ON_ERROR);
$plan = static fn () => $planner->plan(PlanRequest::read($document, $reference));
median($plan);

// Twenty lines: seven flours and whatever else a raised bread can hold.
$flours = ['blend-plain' => 40, 'sorghum' => 15, 'teff' => 10, 'cassava' => 10, 'oat' => 10, 'buckwheat' => 5, 'tapioca-starch' => 10];
$others = ['psyllium-powder' => 4, 'xanthan' => 0.5, 'egg-white' => 20, 'yoghurt' => 15, 'olive-oil' => 4, 'butter' => 2, 'sugar' => 3, 'salt' => 1.6, 'yeast-instant' => 1.5, 'onion' => 8, 'carrot' => 6, 'cumin' => 0.5, 'vinegar' => 1];
$twenty = ['style' => 'raised-round', 'formula' => ['lines' => array_map(
    static fn (string $id, float $percent): array => ['ingredient' => $id, 'percent' => $percent],
    array_keys($flours + $others),
    array_values($flours + $others),
)]];
$long = static fn () => $sketcher->plan(PlanRequest::read($twenty, $reference));
median($long, FEW);
$desk = new Desk($reference, $planner);
$forty = array_slice(array_map(static fn (Ingredient $one): string => $one->id, array_filter($reference->catalogue->all(), static fn (Ingredient $one): bool => $one->role->takesWater() && $one->id !== 'wheat')), 0, 40);
$wishes = ['style' => 'cassava-wrap', 'larder' => $forty, 'net_carbohydrate_most' => 45, 'protein_least' => 14, 'fibre_least' => 8, 'without' => ['egg'], 'goal' => 'most_protein'];
$clash = [...$wishes, 'net_carbohydrate_most' => 5, 'at_least' => ['cassava' => 40]];
echo json_encode([
    'blended' => count($forty),
    'long_ms' => median($long),
    'blend_ms' => median(static fn () => $desk->answer(Question::Blend, $wishes), FEW),
    'clash_ms' => median(static fn () => $desk->answer(Question::Blend, $clash), FEW),
    'swap_ms' => median(static fn () => $desk->answer(Question::Swap, ['request' => ['style' => 'almond-wrap'], 'replace' => 'almond-blanched']), FEW),
    'choose_ms' => median(static fn () => $desk->answer(Question::Choose, ['purpose' => 'wrap']), FEW),
    'catalogue_kb' => strlen((string) gzencode((string) json_encode(array_map(static fn (Ingredient $one): array => (new IngredientDocument($one))->json(), $reference->catalogue->all())))) / 1000,
    'turns_ms' => median(static fn () => $desk->answer(Question::Turns, ['request' => ['style' => 'pressed-masa']]), FEW),
    'turns_thick_ms' => median(static fn () => $desk->answer(Question::Turns, ['request' => ['style' => 'thick-corn-round']]), FEW),
    'bake_ms' => median(static fn () => $desk->answer(Question::Bake, ['request' => ['style' => 'pressed-masa']]), FEW),
    'sketch_ms' => median(static fn () => $sketcher->plan(PlanRequest::read($document, $reference))),
    'plan_ms' => median($plan),
    'plan_to_json_ms' => median(static fn () => json_encode(PlanDocument::of($plan()))),
    'reference_ms' => median(static fn () => Reference::shipped()),
]), "\n";
