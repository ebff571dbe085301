<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Turns whatever goes wrong under /api into a problem document. */
final class Problems
{
    private const TITLES = [
        403 => 'This is not allowed.',
        404 => 'There is nothing here.',
        405 => 'This cannot be done here.',
        413 => 'This is too large.',
        419 => 'The page is too old; load it again.',
        429 => 'Too many tries. Wait a minute.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([InvalidInput::class, Conflict::class]);
        $exceptions->render(static fn (InvalidInput $refusal): JsonResponse => Problem::document(422, $refusal->toProblem()));
        $exceptions->render(static fn (Conflict $conflict): JsonResponse => $conflict->toResponse());
        $exceptions->render(static fn (Throwable $failure, Request $request): ?JsonResponse => $request->is('api/*') ? self::response($failure) : null);
    }

    private static function response(Throwable $failure): JsonResponse
    {
        if ($failure instanceof AuthenticationException) {
            return Problem::response(401, 'signed-out', 'Sign in first.', 'There is no session, or it has ended.');
        }
        $status = $failure instanceof HttpExceptionInterface ? $failure->getStatusCode() : 500;
        $headers = $failure instanceof HttpExceptionInterface ? $failure->getHeaders() : [];
        $response = isset(self::TITLES[$status])
            ? Problem::response($status, 'http-'.$status, self::TITLES[$status], self::TITLES[$status])
            : Problem::response($status, 'failure', 'Something broke on our side.', 'Nothing was stored. The details are in the server log.');
        $response->headers->add($headers);

        return $response;
    }
}
