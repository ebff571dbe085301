<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $sheet->title }}</title>
    <style>
        @page { margin: 11mm 13mm; }
        body { font: {{ $points }}pt/1.25 {!! \App\Http\Faces::FAMILY !!}; color: #262420; }
        h1 { margin: 0 0 1mm; font-size: 1.7em; }
        p { margin: 0 0 0.6em; }
        .bread { float: right; width: 34mm; height: 22mm; }
        table { width: 100%; border-collapse: collapse; }
        td { padding: 0.38em 2mm 0.38em 0; border-top: 0.3mm solid #b7ad9c; vertical-align: top; }
        .at { width: 4.2em; font-size: 1.2em; font-weight: bold; }
        .for { width: 18mm; text-align: right; }
        .box { width: 7mm; }
        .box span { display: inline-block; width: 4mm; height: 4mm; border: 0.3mm solid #262420; }
        .detail { color: #4a463e; font-size: 0.87em; }
        ul { margin: 0.7em 0 0; padding-left: 5mm; font-size: 0.85em; }
    </style>
</head>
<body>
    @if ($portrait !== null)
        <img class="bread" alt="" src="data:image/svg+xml;base64,{{ base64_encode(view('bread', ['portrait' => $portrait])->render()) }}">
    @endif
    <h1>{{ $sheet->title }}</h1>
    <p>{{ $sheet->startsAt->format('l, j F Y, '.$clock) }} to {{ $sheet->readyAt->format($clock) }}</p>
    <p><strong>{{ $sheet->eaters }}</strong></p>
    <table>
        @foreach ($sheet->rows as $row)
            <tr>
                <td class="box"><span></span></td>
                <td class="at">{{ $row->from->format($clock) }}</td>
                <td><strong>{{ $row->says }}</strong>@if ($row->detail !== '')<br><span class="detail">{{ $row->detail }}</span>@endif</td>
                <td class="for">{{ $row->minutes() > 0 ? $row->minutes().' min' : '' }}</td>
            </tr>
        @endforeach
    </table>
    <ul>
        @foreach ($cautions as $caution)
            <li>{{ $caution }}</li>
        @endforeach
    </ul>
</body>
</html>
