<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $recipe['name'] }}</title>
    <style>
        @page { margin: 9mm 10mm; }
        body { font: {{ $points }}pt/1.25 {!! \App\Http\Faces::FAMILY !!}; color: #262420; }
        h1 { margin: 0 0 1mm; font-size: {{ 1.7 * $points }}pt; }
        h2 { margin: 2mm 0 1mm; font-size: {{ 1.1 * $points }}pt; }
        p { margin: 0 0 1.5mm; }
        .bread { float: right; width: 34mm; height: 22mm; }
        table { width: 100%; border-collapse: collapse; }
        td { padding: 0 0 0 4mm; vertical-align: top; }
        td.in { width: 34%; padding: 0 4mm 0 0; border-right: 0.3mm solid #b7ad9c; }
        ul, ol { margin: 0; padding-left: 4.5mm; }
        li { margin: 0 0 0.7mm; }
        .cautions { margin-top: 3mm; }
        .small { color: #4a463e; font-size: {{ 0.85 * $points }}pt; }
    </style>
</head>
<body>
    <img class="bread" alt="" src="data:image/svg+xml;base64,{{ base64_encode(view('bread', ['portrait' => $portrait])->render()) }}">
    <h1>{{ $recipe['name'] }}</h1>
    <p>{{ $recipe['description'] }}</p>
    <p class="small">{{ $recipe['recipeYield'][1] }} · {{ (int) substr($recipe['totalTime'], 2) }} min, {{ (int) substr($recipe['cookTime'], 2) }} of them at the heat</p>
    <table>
        <tr>
            <td class="in">
                <h2>In it</h2>
                <ul>
                    @foreach ($recipe['recipeIngredient'] as $line)
                        <li>{{ $units->words($line) }}</li>
                    @endforeach
                </ul>
                <h2>In a serving</h2>
                <p class="small">{{ $recipe['nutrition']['calories'] }} · fat {{ $recipe['nutrition']['fatContent'] }} · carbohydrate {{ $recipe['nutrition']['carbohydrateContent'] }} · fibre {{ $recipe['nutrition']['fiberContent'] }} · protein {{ $recipe['nutrition']['proteinContent'] }}</p>
            </td>
            <td>
                <h2>In this order</h2>
                <ol>
                    @foreach ($recipe['recipeInstructions'] as $step)
                        <li>{{ $units->words($step['text']) }}</li>
                    @endforeach
                </ol>
            </td>
        </tr>
    </table>
    <p class="small cautions">{{ implode(' ', array_map($units->words(...), $cautions)) }}</p>
</body>
</html>
