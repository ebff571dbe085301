@php
    // The page's own picture (web/pictures/bread.ts) by the same numbers: outlines stacked from the foot to the face.
    $view = json_decode((string) file_get_contents(resource_path('views/bread-view.json')), true, flags: JSON_THROW_ON_ERROR);
    $half = $portrait['diameter_mm'] / 2;
    $rise = $portrait['puffs'] ? $view['dome'] * $portrait['diameter_mm'] : $view['thicker'] * $portrait['thickness_mm'];
    $top = $portrait['puffs'] ? $view['dome_top'] : 1.0;
    $outline = static function (float $scale, float $lift) use ($portrait, $half, $view): string {
        $points = [];
        foreach ($portrait['rim'] as $index => $share) {
            $round = 2 * M_PI * $index / count($portrait['rim']);
            $points[] = sprintf('%.1f,%.1f', $half * $share * $scale * cos($round), $half * $share * $scale * sin($round) * $view['tilt'] - $lift);
        }

        return implode(' ', $points);
    };
    $wide = max($view['widest_mm'], $portrait['diameter_mm'] + $view['margin_mm']);
    $high = $view['height_share'] * $wide;
@endphp
<svg xmlns="http://www.w3.org/2000/svg" width="{{ 4 * $wide }}" height="{{ 4 * $high }}" viewBox="{{ -$wide / 2 }} {{ -$high / 2 }} {{ $wide }} {{ $high }}">
@foreach (range(0, 8) as $step)
<polygon points="{{ $outline(1 + ($top - 1) * $step / 8, $rise * ($step / 8 - 0.5)) }}" fill="{{ $portrait['side'] }}" stroke="{{ $step === 0 ? '#8b8171' : $portrait['side'] }}" stroke-width="1.2" />
@endforeach
<polygon points="{{ $outline($top, $rise / 2) }}" fill="{{ $portrait['base'] }}" stroke="#8b8171" stroke-width="0.5" />
@foreach ($portrait['spots'] as [$across, $down, $size])
<ellipse cx="{{ round($across * $half * $top, 1) }}" cy="{{ round($down * $half * $view['tilt'] * $top - $rise / 2, 1) }}" rx="{{ round($size * $half, 1) }}" ry="{{ round($size * $half * $view['tilt'], 1) }}" fill="{{ $portrait['spot'] }}" />
@endforeach
</svg>
