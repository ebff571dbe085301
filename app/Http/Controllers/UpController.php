<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether the house can answer from its database: for whatever watches over the server. */
final class UpController
{
    public function __invoke(): JsonResponse
    {
        try {
            DB::select('SELECT 1 FROM kitchens LIMIT 1');
        } catch (Throwable $failure) {
            report($failure);

            return new JsonResponse(['up' => false], 503);
        }

        return new JsonResponse(['up' => true]);
    }
}
