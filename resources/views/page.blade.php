<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="color-scheme" content="light dark">
    <title>Stone Mill</title>
    <link rel="manifest" href="/manifest.json">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
@foreach ($asked as $question)
    <link rel="preload" as="fetch" href="/api/v1/{{ $question }}" crossorigin>
@endforeach
    @vite($parts)
</head>
<body>
    <div id="app"></div>
    <noscript>Stone Mill runs its clocks and pictures in the browser and needs scripts to be allowed.</noscript>
</body>
</html>
