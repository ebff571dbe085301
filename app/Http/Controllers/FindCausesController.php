<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FindCauses;
use App\Http\Body;
use App\Http\CurrentKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What may be wrong with a batch. Nothing is stored: what was seen and done is told as events. */
final class FindCausesController
{
    public function __invoke(Request $request, string $batch, FindCauses $find): JsonResponse
    {
        return new JsonResponse($find(CurrentKitchen::batch($request, $batch), Body::of($request)));
    }
}
