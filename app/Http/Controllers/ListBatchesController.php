<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ListBatchesController
{
    private const MOST = 200;

    public function __invoke(Request $request): JsonResponse
    {
        $newest = Batch::query()
            ->with(['events', 'verdict', 'revision.formula'])
            ->where('kitchen_id', CurrentKitchen::user($request)->kitchen_id)
            ->latest('started_at');
        $newest->limit(self::MOST);

        return new JsonResponse(['batches' => $newest->get()->map(BatchDocument::summary(...))->values()->all()]);
    }
}
