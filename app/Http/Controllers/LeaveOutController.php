<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Leaves a batch out of what is learned, or takes it in again. Its log stays as it is. */
final class LeaveOutController
{
    public function __invoke(Request $request, string $batch): JsonResponse
    {
        $findings = new Findings;
        $leftOut = Node::root(Body::of($request), $findings)->object(['left_out'])->at('left_out')->boolean();
        $findings->refuseIfAny();
        $batch = CurrentKitchen::batch($request, $batch);
        $batch->update(['lesson_left_out' => $leftOut]);

        return new JsonResponse(BatchDocument::of($batch->load(Batch::TOLD)));
    }
}
