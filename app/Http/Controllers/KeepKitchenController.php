<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepKitchen;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\KitchenDocument;
use App\Kitchens\Holdings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepKitchenController
{
    public function __invoke(Request $request, KeepKitchen $keep, KitchenDocument $document): JsonResponse
    {
        return new JsonResponse($document->of(Holdings::of($keep(CurrentKitchen::of($request), Body::of($request)))));
    }
}
