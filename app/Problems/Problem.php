<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Http\JsonResponse;

/** An error as a problem document (RFC 9457). */
final class Problem
{
    /** @param array<string, mixed> $more */
    public static function response(int $status, string $type, string $title, string $detail, array $more = []): JsonResponse
    {
        return self::document($status, ['type' => 'urn:stone-mill:problem:'.$type, 'title' => $title, 'status' => $status, 'detail' => $detail, 'errors' => [], ...$more]);
    }

    /** @param array<string, mixed> $problem */
    public static function document(int $status, array $problem): JsonResponse
    {
        return new JsonResponse($problem, $status, ['Content-Type' => 'application/problem+json']);
    }
}
