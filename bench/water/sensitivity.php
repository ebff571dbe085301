<?php

declare(strict_types=1);

// What each planning estimate of the water is worth: the core is copied, one constant is set to 0.8 and to 1.2 of itself, and the same
// three doughs are planned. Prints the table of docs/model.md, "What the water rests on". Run: php bench/water/sensitivity.php

use StoneMill\Exchange\Row;
use StoneMill\Griddle\StyleTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

$root = dirname(__DIR__, 2);
$doughs = [
    'masa' => ['style' => 'pressed-masa'],
    'millet, scalded' => ['style' => 'millet-round'],
    'raised' => ['style' => 'raised-round'],
];

if (($argv[1] ?? '') === '--plan') {
    require $argv[2].'/core/autoload.php';
    $reference = Reference::shipped();
    $planner = new Planner($reference, new StyleTurnPlanner);
    $found = [];
    foreach ($doughs as $name => $request) {
        $plan = $planner->plan(PlanRequest::read($request, $reference));
        $found[$name] = [$plan->dough->hydrationPercent(), 100 * $plan->dough->need->deviationGrams() / $plan->dough->ledger->flourBaseGrams, $plan->dough->mixCelsius];
    }
    echo json_encode($found, JSON_THROW_ON_ERROR);
    exit;
}

$estimates = [
    ['kitchens differ by 15 %', 'Dough/Ledger.php', 'KITCHEN_DEVIATION = ', '(0.15 / Spread::DECILE_DEVIATIONS)'],
    ['the hand that calls it ready, 1.2 %', 'Dough/Ledger.php', 'FEEL_DEVIATION = ', '0.012'],
    ['band opened by half of a difference', 'Dough/WaterNeed.php', 'DIFFERENCE_DOUBT = ', '0.5'],
    ['fat keeps out 0.4 of it', 'Dough/Conditions.php', 'FAT_SHARE = ', '0.4'],
    ['bowl, 150 J/K', 'Dough/Mixing.php', 'BOWL_JOULES_PER_KELVIN = ', '150.0'],
    ['lost while mixing, 4 %', 'Dough/Mixing.php', 'LOSS_SHARE = ', '0.04'],
    ['heat of swelling, 12 J/g', 'Dough/Mixing.php', 'SWELLING_JOULES = ', '12.0'],
];

require "$root/core/autoload.php";
$copy = sys_get_temp_dir().'/mill-sensitivity-'.getmypid();
mkdir($copy);
exec(sprintf('cp -r %s %s', escapeshellarg("$root/core"), escapeshellarg($copy)));
/** @return array<string, array{float, float, float}> water and its spread in %, and °C, by dough */
$planned = static function () use ($copy): array {
    $said = Row::ofJson((string) shell_exec(sprintf('php %s --plan %s', escapeshellarg(__FILE__), escapeshellarg($copy))));

    return array_map($said->three(...), array_combine($said->names(), $said->names()));
};

$base = $planned();
printf("| estimate | %s |\n| --- |%s\n", implode(' | ', array_keys($base)), str_repeat(' --- |', count($base)));
printf("| as it is | %s |\n", implode(' | ', array_map(static fn (array $one): string => sprintf('%.1f ± %.1f %%, %.1f °C', ...$one), $base)));
foreach ($estimates as [$name, $file, $constant, $value]) {
    $source = (string) file_get_contents("$root/core/src/$file");
    $written = $constant.trim($value, '()').';';
    if (substr_count($source, $written) !== 1) {
        throw new RuntimeException("$file does not say $written once.");
    }
    $at = [];
    foreach (['0.8', '1.2'] as $times) {
        file_put_contents("$copy/core/src/$file", str_replace($written, "$constant$times * $value;", $source));
        $at[] = $planned();
    }
    file_put_contents("$copy/core/src/$file", $source);
    printf("| %s | %s |\n", $name, implode(' | ', array_map(
        static fn (string $dough): string => implode(', ', array_map(static fn (array $found): string => sprintf('%+.1f (± %+.1f, %+.1f K)', $found[$dough][0] - $base[$dough][0], $found[$dough][1] - $base[$dough][1], $found[$dough][2] - $base[$dough][2]), $at)),
        array_keys($base),
    )));
}
exec('rm -r '.escapeshellarg($copy));
