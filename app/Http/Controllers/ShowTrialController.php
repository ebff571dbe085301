<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\TrialDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowTrialController
{
    public function __invoke(Request $request, string $trial, TrialDocument $document): JsonResponse
    {
        return new JsonResponse($document->whole(CurrentKitchen::trial($request, $trial)));
    }
}
