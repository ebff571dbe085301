<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\KitchenRole;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use StoneMill\Ask\Question;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Who looks on in a kitchen sees all of it, may ask whatever stores nothing, and changes only what is their own. */
final class WorkersOnly
{
    /** What everybody has for themselves. */
    private const OWN = ['api/v1/me/*', 'api/v1/riddles'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $request->is(...self::OWN) && ! self::asks($request) && self::looksOn($request)) {
            throw new AccessDeniedHttpException('You look on in this kitchen, and change nothing in it. An owner can make you a cook.');
        }

        return $next($request);
    }

    private static function looksOn(Request $request): bool
    {
        $user = $request->user();

        return $user instanceof User && $user->role() === KitchenRole::Guest;
    }

    private static function asks(Request $request): bool
    {
        $question = Question::tryFrom(basename($request->path()));

        return $question !== null && $request->is("api/v1/$question->value");
    }
}
