<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="color-scheme" content="light dark">
    <title>Stone Mill</title>
    <link rel="manifest" href="/manifest.json">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    {{-- The faces of the first words: found only with the styles, they would come after the page was drawn, and move it. --}}
@foreach (['bitter/files/bitter-latin-600', 'source-sans-3/files/source-sans-3-latin-400', 'source-sans-3/files/source-sans-3-latin-600'] as $face)
    <link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset("node_modules/@fontsource/$face-normal.woff2") }}" crossorigin>
@endforeach
    @vite($parts)
</head>
<body>
    <div id="app"><p class="arriving">Stone Mill</p></div>
    <noscript>Stone Mill runs its clocks and pictures in the browser and needs scripts to be allowed.</noscript>
@foreach ($answers as $path => $json)
    <script type="application/json" data-answer="/api/v1/{{ $path }}">{!! $json !!}</script>
@endforeach
</body>
</html>
