<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Writes come from this application's own pages, and from nowhere else. */
final class SameOriginOnly
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $this->isSameOrigin($request)) {
            return $next($request);
        }

        return Problem::response(403, 'cross-origin', 'Writes are only taken from the application itself.', 'The request came from another origin.');
    }

    private function isSameOrigin(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');

        return ($site === null || $site === 'same-origin')
            && ($origin === null || $origin === $request->getSchemeAndHttpHost());
    }
}
