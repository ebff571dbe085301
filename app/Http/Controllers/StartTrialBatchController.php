<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartTrialBatch;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class StartTrialBatchController
{
    public function __invoke(Request $request, string $trial, StartTrialBatch $start): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['id', 'at']);
        [$id, $at] = [$body->at('id')->uuid(), $body->at('at')->moment()];
        $findings->refuseIfAny();
        $known = Batch::query()->where('uuid', $id)->exists();
        if (! $known) {
            $start(CurrentKitchen::of($request), CurrentKitchen::trial($request, $trial), $id, $at, CurrentKitchen::user($request));
        }

        return new JsonResponse(BatchDocument::of(CurrentKitchen::batch($request, $id)->load(Batch::TOLD)), $known ? 200 : 201);
    }
}
