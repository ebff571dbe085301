<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use stdClass;

/** The least that this server can answer: says that it is up, and is what other answers are measured against. */
final class PingController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new stdClass);
    }
}
