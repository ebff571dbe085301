<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
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

        return match (true) {
            $known => $next($request),
            // Somebody in front of a browser is told what to set; the name is one by now, or it was refused before.
            $request->acceptsHtml() && ! $request->is('api/*') => new HtmlResponse(view('unknown-host', ['host' => $host]), 421),
            default => Problem::response(421, 'unknown-host', 'This server does not answer to that name.', 'Add the name to MILL_HOSTS if it is yours.'),
        };
    }
}
