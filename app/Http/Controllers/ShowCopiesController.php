<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\KitchenKeeper;
use App\Http\CurrentKitchen;
use App\Http\Resources\CopiesDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowCopiesController
{
    public function __invoke(Request $request, KitchenKeeper $keeper): JsonResponse
    {
        CurrentKitchen::kept($request);

        return new JsonResponse(CopiesDocument::of(CurrentKitchen::user($request), $keeper));
    }
}
