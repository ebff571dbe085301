<?php

declare(strict_types=1);

namespace App\Problems;

use App\Database\Exception\KitchenBusy;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\StoneMillException;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
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
        503 => 'The kitchen is busy. Ask again in a moment.',
    ];

    private const SQLITE_BUSY = 5;

    private const SQLITE_LOCKED = 6;

    private const RETRY_AFTER_SECONDS = 1;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([StoneMillException::class, Conflict::class]);
        $exceptions->render(static fn (StoneMillException $refusal): JsonResponse => Problem::document(422, InvalidInput::byRule($refusal, '(document)')->toProblem()));
        $exceptions->render(static fn (Conflict $conflict): JsonResponse => $conflict->toResponse());
        $exceptions->map(static fn (KitchenBusy $busy): ServiceUnavailableHttpException => self::busy($busy));
        $exceptions->map(static fn (QueryException $failure): Throwable => self::isBusy($failure) ? self::busy($failure) : $failure);
        $exceptions->render(static fn (Throwable $failure, Request $request): ?JsonResponse => $request->is('api/*') ? self::response($failure) : null);
    }

    /** What waited its turn in vain may be asked again; nothing of it was stored. */
    private static function busy(Throwable $failure): ServiceUnavailableHttpException
    {
        return new ServiceUnavailableHttpException(self::RETRY_AFTER_SECONDS, 'The kitchen is busy.', $failure);
    }

    private static function isBusy(QueryException $failure): bool
    {
        return in_array($failure->errorInfo[1] ?? null, [self::SQLITE_BUSY, self::SQLITE_LOCKED], true);
    }

    private static function response(Throwable $failure): JsonResponse
    {
        if ($failure instanceof AuthenticationException) {
            return Problem::response(401, 'signed-out', 'Sign in first.', 'There is no session, or it has ended.');
        }
        $status = $failure instanceof HttpExceptionInterface ? $failure->getStatusCode() : 500;
        $headers = $failure instanceof HttpExceptionInterface ? $failure->getHeaders() : [];
        $response = isset(self::TITLES[$status])
            // Who may not is told why; of anything else only that it is so.
            ? Problem::response($status, 'http-'.$status, self::TITLES[$status], $failure instanceof AccessDeniedHttpException && $failure->getMessage() !== '' ? $failure->getMessage() : self::TITLES[$status])
            : Problem::response($status, 'failure', 'Something broke on our side.', 'Nothing was stored. The details are in the server log.');
        $response->headers->add($headers);

        return $response;
    }
}
