<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The one page; what it shows is the browser's business. */
final class PageController
{
    public function __invoke(): View
    {
        return view('page');
    }
}
