<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DiscardBatch;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class DiscardBatchController
{
    public function __invoke(Request $request, string $batch, DiscardBatch $discard): JsonResponse
    {
        $findings = new Findings;
        $isDiscarded = Node::root(Body::of($request), $findings)->object(['discarded'])->at('discarded')->boolean();
        $findings->refuseIfAny();

        return new JsonResponse(BatchDocument::of($discard(CurrentKitchen::batch($request, $batch)->id, $isDiscarded)));
    }
}
