<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowBatchController
{
    public function __invoke(Request $request, string $batch): JsonResponse
    {
        return new JsonResponse(BatchDocument::whole(CurrentKitchen::batch($request, $batch)->load([...Batch::TOLD, 'events', 'photos', 'said'])));
    }
}
