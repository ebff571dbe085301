<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepLot;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\LotDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepLotController
{
    public function __invoke(Request $request, string $lot, KeepLot $keep): JsonResponse
    {
        return new JsonResponse(LotDocument::of($keep(CurrentKitchen::of($request), $lot, Body::of($request))));
    }
}
