<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Ring and guide</title>
    <style>
        @page { margin: 0; }
        body { margin: 0; font-family: Helvetica, sans-serif; font-size: 10pt; }
        .drawing { position: absolute; left: 0; top: 0; width: {{ $guide->paper->width() }}mm; height: {{ $guide->paper->height() }}mm; }
        p { position: absolute; left: 10mm; margin: 0; }
    </style>
</head>
<body>
    <img class="drawing" src="data:image/svg+xml;base64,{{ base64_encode($guide->toSvg()) }}">
    <p style="top: {{ $guide->paper->height() - 62 + 4 }}mm">{{ rtrim(rtrim(number_format($guide->thicknessMillimetres, 2), '0'), '.') }} mm: as high as this bar, or {{ $guide->sheetsOfPaper() }} sheets of ordinary paper.</p>
    <p style="top: {{ $guide->paper->height() - 62 + 44 }}mm">The ruler must measure 100 mm. If it does not, print again at 100 %, not fitted to the page.</p>
    <p style="top: {{ $guide->paper->height() - 62 + 50 }}mm">{{ $guide->fitsWhole() ? 'Ring' : 'Quarter of a ring' }} of {{ number_format($guide->diameterMillimetres, 0) }} mm. Slide it under a liner. Paper never onto a hot surface.</p>
</body>
</html>
