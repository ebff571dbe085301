<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use StoneMill\Shape\PrintedGuide;

/** The ring and the thickness bar as a PDF at true size. */
final class PrintGuideController
{
    public function __invoke(Request $request): Response
    {
        $guide = PrintedGuide::read(self::wish($request));
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper($guide->paper->value);
        $pdf->loadHtml(view('guide', ['guide' => $guide])->render());
        $pdf->render();

        return new Response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="ring-%.0f-mm.pdf"', $guide->diameterMillimetres),
        ]);
    }

    /** @return array<string, mixed> addresses carry words; numbers among them are meant as numbers */
    private static function wish(Request $request): array
    {
        return array_map(
            static fn (mixed $value): mixed => is_string($value) && is_numeric($value) ? (float) $value : $value,
            $request->query->all(),
        );
    }
}
