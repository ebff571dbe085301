<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartBatch;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A batch of this bread as it would be if it were begun now: a tablet keeps it, to begin with where the house is away. Nothing is stored. */
final class PrepareBatchController
{
    public function __invoke(Request $request, string $bread, StartBatch $start): JsonResponse
    {
        $prepared = $start->prepared(CurrentKitchen::of($request), CurrentKitchen::bread($request, $bread), '', new DateTimeImmutable, CurrentKitchen::user($request));

        return new JsonResponse(BatchDocument::of($prepared));
    }
}
