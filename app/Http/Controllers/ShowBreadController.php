<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\BreadDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowBreadController
{
    public function __invoke(Request $request, string $bread): JsonResponse
    {
        return new JsonResponse(BreadDocument::of(CurrentKitchen::bread($request, $bread)->load('revisions')));
    }
}
