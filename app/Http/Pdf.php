<?php

declare(strict_types=1);

namespace App\Http;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** A view as a printable page; nothing is fetched for it. */
final class Pdf
{
    public static function response(View $view, string $paper, string $file): Response
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper);
        $pdf->loadHtml($view->render());
        $pdf->render();

        return new Response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s"', $file),
        ]);
    }
}
