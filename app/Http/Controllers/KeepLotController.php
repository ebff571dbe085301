<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepLot;
use App\Actions\Learn;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\LotDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepLotController
{
    public function __invoke(Request $request, string $lot, KeepLot $keep, Learn $learn): JsonResponse
    {
        $kitchen = CurrentKitchen::of($request);

        return new JsonResponse(LotDocument::of($keep($kitchen, $lot, Body::of($request)), $learn($kitchen)->water));
    }
}
