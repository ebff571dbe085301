<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPhoto;
use App\Http\CurrentKitchen;
use App\Http\Resources\PhotoDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepPhotoController
{
    public function __invoke(Request $request, string $batch, string $photo, KeepPhoto $keep): JsonResponse
    {
        return new JsonResponse(PhotoDocument::of($keep(CurrentKitchen::batch($request, $batch), CurrentKitchen::user($request), $photo, $request->getContent())));
    }
}
