<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** Pure: the same request gives the same bytes, and nothing is stored. */
final class PlanController
{
    public function __invoke(Request $request, Reference $reference, Planner $planner): JsonResponse
    {
        return new JsonResponse($planner->plan(PlanRequest::read(Body::of($request), $reference))->toArray());
    }
}
