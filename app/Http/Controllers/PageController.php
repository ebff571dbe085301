<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The one page; what it shows is the browser's business. It says so itself where an address leads nowhere. A browser that has just
 * arrived is told what it will ask for next, so that it asks for all of it at once.
 */
final class PageController
{
    private const MAIN = 'web/main.ts';

    private const TODAY = 'places/Today.vue';

    private const SIGN_IN = 'web/places/SignIn.vue';

    public function __invoke(Request $request): Response
    {
        $isNowhere = $request->route()->isFallback ?? true;
        if ($isNowhere && $request->is('api/*', 'build/*')) {
            throw new NotFoundHttpException;
        }

        return new Response(view('page', $this->ahead($request)), $isNowhere ? 404 : 200);
    }

    /**
     * What is fetched with the page, and taken up by its first question (house.ts) whatever comes of it: an answer left lying would be given
     * to a later one, or to another cook. The copy that a tablet keeps of it for all addresses, which it does not fetch in order to show
     * it, names no part of its own and nothing that only somebody who is here may ask.
     *
     * @return array{parts: list<string>, asked: list<string>}
     */
    private function ahead(Request $request): array
    {
        $part = $request->route('part');
        if (! is_string($part) || $request->headers->get('Sec-Fetch-Dest') !== 'document') {
            return ['parts' => [self::MAIN], 'asked' => ['session']];
        }
        if ($request->user() === null) {
            return ['parts' => [self::MAIN, self::SIGN_IN], 'asked' => ['session']];
        }

        return ['parts' => [self::MAIN, "web/$part"], 'asked' => ['session', 'kitchen', ...($part === self::TODAY ? ['batches'] : [])]];
    }
}
