<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\KitchenDocument;
use App\Kitchens\Holdings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowKitchenController
{
    public function __invoke(Request $request, KitchenDocument $document): JsonResponse
    {
        return new JsonResponse($document->of(Holdings::of(CurrentKitchen::of($request))));
    }
}
