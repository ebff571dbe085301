<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The one page; what it shows is the browser's business. It says so itself where an address leads nowhere. */
final class PageController
{
    public function __invoke(Request $request): Response
    {
        $isNowhere = $request->route()->isFallback ?? true;
        if ($isNowhere && $request->is('api/*', 'build/*')) {
            throw new NotFoundHttpException;
        }

        return new Response(view('page'), $isNowhere ? 404 : 200);
    }
}
