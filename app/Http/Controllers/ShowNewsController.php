<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\BatchEvent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What another tablet did since: the batch where there is news, an empty answer where there is none. Asked every second. */
final class ShowNewsController
{
    public function __invoke(Request $request, string $batch): JsonResponse|Response
    {
        $found = CurrentKitchen::batch($request, $batch);
        $seen = $found->version.'-'.BatchEvent::query()->where('batch_id', $found->id)->count();
        if ($request->query('seen') === $seen) {
            return new Response('', 204);
        }

        return new JsonResponse(BatchDocument::of($found->load(['events', 'verdict', 'revision.formula'])));
    }
}
