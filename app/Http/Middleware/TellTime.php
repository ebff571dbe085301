<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every answer says what time it is in the house, to the millisecond: tablets whose own clock is wrong count by that. It says so a
 * second time where a page can read it of its own arrival, which shows no other header to its scripts.
 */
final class TellTime
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $now = sprintf('%.0f', 1000 * microtime(true));
        $response->headers->set('House-Time', $now);
        $response->headers->set('Server-Timing', "house-time;dur=$now");

        return $response;
    }
}
