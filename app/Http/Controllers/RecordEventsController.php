<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordEvents;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class RecordEventsController
{
    public function __invoke(Request $request, string $batch, RecordEvents $record): JsonResponse
    {
        $id = CurrentKitchen::batch($request, $batch)->id;

        return new JsonResponse(BatchDocument::change($record($id, CurrentKitchen::user($request), Body::of($request))));
    }
}
