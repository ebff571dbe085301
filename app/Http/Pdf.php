<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** A view as a printable page; nothing is fetched for it. */
final class Pdf
{
    /** What the printed face has no sign for, in signs that it has. */
    private const SIGNS = ['⅓' => '1/3', '⅔' => '2/3', '⅛' => '1/8'];

    public static function response(View $view, string $paper, string $file): Response
    {
        return self::sent(self::rendered($view, $paper), $file);
    }

    /**
     * On one page, in the largest letters in which it fits there; what does not even fit in the smallest goes on to a second.
     *
     * @param Closure(float): View $view in letters of so many points
     * @param non-empty-list<float> $points from large to small
     */
    public static function onOnePage(Closure $view, array $points, string $paper, string $file): Response
    {
        foreach ($points as $size) {
            $pdf = self::rendered($view($size), $paper);
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return self::sent($pdf, $file);
    }

    private static function rendered(View $view, string $paper): Dompdf
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $options->setChroot([base_path(), ...Faces::folders()]);
        $page = self::writable($view->render());
        $pdf = new Dompdf($options);
        if (Faces::wants($page)) {
            Faces::register($pdf->getFontMetrics());
        }
        $pdf->setPaper($paper);
        $pdf->loadHtml($page);
        $pdf->render();

        return $pdf;
    }

    private static function sent(Dompdf $pdf, string $file): Response
    {
        return new Response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="%s"', $file),
        ]);
    }

    /** Thirds stand apart from the whole number before them, which they would run into. */
    private static function writable(string $page): string
    {
        return strtr((string) preg_replace('/(?<=\d)(?=[⅓⅔⅛])/u', ' ', $page), self::SIGNS);
    }
}
