<?php

declare(strict_types=1);

use StoneMill\Bake\Above;
use StoneMill\Bake\BakeUnderWay;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Colour;
use StoneMill\Bake\Iron;
use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\LaidBread;
use StoneMill\Bake\Matter;
use StoneMill\Bake\Mesh;
use StoneMill\Bake\Metal;
use StoneMill\Bake\Physics;
use StoneMill\Tests\Bench;

/* Draws the plots of docs/model.md and prints its table of what each number matters: php bench/model.php */
require dirname(__DIR__).'/vendor/autoload.php';

/** @param list<array{name: string, colour: string, points: list<array{float, float}>, dots?: bool}> $lines */
function plot(string $file, string $title, string $across, string $up, array $lines): void
{
    $xs = array_merge(...array_map(static fn (array $line): array => array_column($line['points'], 0), $lines));
    $ys = array_merge(...array_map(static fn (array $line): array => array_column($line['points'], 1), $lines));
    [$least, $most, $top] = [0.0, nice(max([0.0, ...$xs])), nice(max([0.0, ...$ys]))];
    $x = static fn (float $value): string => sprintf('%.1f', 60 + 440 * ($value - $least) / ($most - $least));
    $y = static fn (float $value): string => sprintf('%.1f', 300 - 260 * max(0.0, $value) / $top);
    $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 720 350" font-family="sans-serif" font-size="13"><rect width="720" height="350" fill="#fff"/>'
        ."<text x=\"60\" y=\"22\" font-weight=\"bold\">$title</text><text x=\"280\" y=\"342\" text-anchor=\"middle\">$across</text><text x=\"14\" y=\"170\" transform=\"rotate(-90 14 170)\" text-anchor=\"middle\">$up</text>";
    for ($tick = 0; $tick <= 5; $tick++) {
        $svg .= sprintf('<path d="M60 %s h440" stroke="#ddd"/><text x="54" y="%s" text-anchor="end">%s</text>', $y($top * $tick / 5), $y($top * $tick / 5), rtrim(rtrim(sprintf('%.2f', $top * $tick / 5), '0'), '.'));
        $svg .= sprintf('<text x="%s" y="318" text-anchor="middle">%s</text>', $x($least + ($most - $least) * $tick / 5), rtrim(rtrim(sprintf('%.1f', $least + ($most - $least) * $tick / 5), '0'), '.'));
    }
    foreach ($lines as $index => ['name' => $name, 'colour' => $colour, 'points' => $points]) {
        $svg .= isset($lines[$index]['dots'])
            ? implode('', array_map(static fn (array $point): string => sprintf('<circle cx="%s" cy="%s" r="3" fill="none" stroke="%s"/>', $x($point[0]), $y($point[1]), $colour), $points))
            : sprintf('<polyline fill="none" stroke="%s" stroke-width="2" points="%s"/>', $colour, implode(' ', array_map(static fn (array $point): string => $x($point[0]).','.$y($point[1]), $points)));
        $svg .= sprintf('<text x="512" y="%d" fill="%s">%s</text>', 52 + 20 * $index, $colour, $name);
    }
    file_put_contents(dirname(__DIR__)."/docs/model/$file.svg", $svg."</svg>\n");
}

/** The next number that five even steps divide well. */
function nice(float $most): float
{
    $scale = 10 ** floor(log10($most));
    foreach ([1.0, 1.25, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 7.5, 10.0] as $step) {
        if ($step * $scale >= $most - 1e-9) {
            return $step * $scale;
        }
    }

    return 10 * $scale;
}

function iron(float $celsius): Iron
{
    return Iron::of(Metal::CastIron, Burner::Regulated, 5, $celsius, 0.4, 70);
}

/** @return list<array{float, float}> */
function slab(): array
{
    [$biot, $alpha] = [300 * 0.002 / 0.4, 0.4 / (1200 * 3000)];
    $points = [];
    for ($seconds = 0.5; $seconds <= 40; $seconds += 1.5) {
        $left = 0.0;
        for ($index = 0; $index < 40; $index++) {
            [$low, $high] = [$index * M_PI + 1e-9, $index * M_PI + M_PI / 2 - 1e-9];
            for ($halving = 0; $halving < 60; $halving++) {
                $middle = ($low + $high) / 2;
                [$low, $high] = $middle * tan($middle) < $biot ? [$middle, $high] : [$low, $middle];
            }
            $left += 4 * sin($low) / (2 * $low + sin(2 * $low)) * exp(-$low ** 2 * $alpha * $seconds / 0.002 ** 2) * cos($low * 0.5);
        }
        $points[] = [$seconds, 200 - 180 * $left];
    }

    return $points;
}

$physics = new Physics(contactRaw: 300, contactSet: 300, contactDry: 300, firstContact: 1.0, openConvection: 1e-12, emissivity: 1e-12);
$dry = BakeUnderWay::begin(new LaidBread(Matter::inert(1200, 3000, 0.4), 2.0, 20.0), Iron::endless(200), new KitchenAir, new Mesh, null, $physics);
$own = [];
for ($seconds = 0.5; $seconds <= 40; $seconds += 0.5) {
    $dry->lie(0.5);
    $own[] = [$seconds, $dry->centreCelsius()];
}
plot('slab', 'Heat alone: middle of a 2 mm slab on metal of 200 °C, 16 layers', 'seconds', '°C', [
    ['name' => 'model', 'colour' => '#3a4f72', 'points' => $own],
    ['name' => 'series', 'colour' => '#983a26', 'points' => slab(), 'dots' => true],
]);

$disc = BakeUnderWay::begin(new LaidBread(Bench::matter('pressed-masa'), 1.9, 25.0), iron(230), new KitchenAir);
$lines = ['first' => [], 'second' => [], 'centre' => [], 'metal' => [], 'loss' => []];
for ($seconds = 0; $seconds < 108; $seconds++) {
    if (in_array($seconds, [20, 62, 86], true)) {
        $disc->turn();
    }
    [$first, $second] = $disc->faces();
    foreach (['first' => $first->celsius, 'second' => $second->celsius, 'centre' => $disc->centreCelsius(), 'metal' => $disc->metalCelsius(), 'loss' => 1000 * $disc->lossShare()] as $name => $value) {
        $lines[$name][] = [(float) $seconds, $value];
    }
    $disc->lie(1);
}
plot('disc', 'A pressed disc of 1.9 mm on iron at 230 °C, turned at 20, 62 and 86 s', 'seconds', '°C, and loss in thousandths', [
    ['name' => 'metal under it', 'colour' => '#4a4844', 'points' => $lines['metal']],
    ['name' => 'first face', 'colour' => '#983a26', 'points' => $lines['first']],
    ['name' => 'second face', 'colour' => '#d79a2c', 'points' => $lines['second']],
    ['name' => 'middle', 'colour' => '#3a4f72', 'points' => $lines['centre']],
    ['name' => 'weight loss, ‰', 'colour' => '#3a652c', 'points' => $lines['loss']],
]);

$round = BakeUnderWay::begin(new LaidBread(Bench::matter('thick-corn-round'), 15, 25.0), iron(185), new KitchenAir);
$lines = ['centre' => [], 'shade' => [], 'lid' => [], 'oven' => []];
$lid = null;
for ($seconds = 0; $seconds < 480; $seconds += 5) {
    $lines['centre'][] = [(float) $seconds, $round->centreCelsius()];
    $lines['shade'][] = [(float) $seconds, 100 * Colour::shade($round->faces()[$seconds <= 240 ? 0 : 1]->spotBrownness)];
    if ($seconds === 240) {
        $round->turn();
        $lid = clone $round;
        $lid->bringUnder(Above::Covered);
    }
    if ($lid !== null) {
        $lines['lid'][] = [(float) $seconds, $lid->centreCelsius()];
        $lid->lie(5);
    }
    $round->lie(5);
}
$oven = clone $round;
$oven->bringUnder(Above::Oven);
for ($seconds = 480; $seconds <= 1080; $seconds += 10) {
    $lines['oven'][] = [(float) $seconds, $oven->centreCelsius()];
    $oven->lie(10);
}
plot('thick', 'A thick round of 15 mm at 185 °C, turned at 4 min, in the oven from 8 min', 'seconds', '°C, and shade × 100 (50 is golden)', [
    ['name' => 'middle', 'colour' => '#3a4f72', 'points' => $lines['centre']],
    ['name' => 'middle with a lid from 4 min', 'colour' => '#7796bd', 'points' => $lines['lid']],
    ['name' => 'middle in the oven', 'colour' => '#3a652c', 'points' => $lines['oven']],
    ['name' => 'shade of the face below', 'colour' => '#983a26', 'points' => $lines['shade']],
]);

/** @return array{float, float, float, float} loss in %, hottest face, shade of its spots, seconds until the middle has 95 °C */
function outcome(Physics $physics): array
{
    $bake = BakeUnderWay::begin(new LaidBread(Bench::matter('pressed-masa'), 1.9, 25.0), iron(230), new KitchenAir, null, null, $physics);
    $done = null;
    foreach ([20.0, 62.0, 86.0, 108.0] as $at) {
        while ($bake->secondsOn() < $at - 1e-9) {
            $bake->advance(min(0.25, $at - $bake->secondsOn()));
            $done ??= $bake->centreCelsius() >= 95 ? $bake->secondsOn() : null;
        }
        if ($at < 108) {
            $bake->turn();
        }
    }

    return [100 * $bake->lossShare(), max(array_map(static fn ($face): float => $face->hottestCelsius, $bake->faces())), Colour::shade(max(array_map(static fn ($face): float => $face->spotBrownness, $bake->faces()))), (float) $done];
}

$usual = outcome(new Physics);
vprintf("| number | weight loss (%.1f %%) | hottest face (%.0f °C) | shade (%.2f) | middle at 95 °C (%.0f s) |\n| --- | --- | --- | --- | --- |\n", $usual);
foreach (array_keys((new Physics)->numbers()) as $name) {
    $less = outcome((new Physics)->times($name, 0.8));
    $more = outcome((new Physics)->times($name, 1.2));
    printf("| `%s` | %+.1f, %+.1f | %+.1f, %+.1f | %+.2f, %+.2f | %+.1f, %+.1f |\n", $name, ...array_merge(...array_map(static fn (int $index): array => [$less[$index] - $usual[$index], $more[$index] - $usual[$index]], range(0, 3))));
}
