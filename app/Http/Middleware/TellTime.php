<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every answer says what time it is in the house, to the millisecond: tablets whose own clock is wrong count by that. */
final class TellTime
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('House-Time', sprintf('%.0f', 1000 * microtime(true)));

        return $response;
    }
}
