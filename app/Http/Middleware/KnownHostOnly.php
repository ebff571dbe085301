<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses a foreign name that was pointed at this address, the way a hostile page would reach a loopback server. */
final class KnownHostOnly
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = trim($request->getHost(), '[]');
        $known = $host === 'localhost' || filter_var($host, FILTER_VALIDATE_IP) !== false
            || in_array($host, (array) config('mill.hosts'), true);

        return $known ? $next($request) : Problem::response(421, 'unknown-host', 'This server does not answer to that name.', 'Add the name to MILL_HOSTS if it is yours.');
    }
}
