<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReplanBatch;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\GivenRequest;

final class ReplanBatchController
{
    public function __invoke(Request $request, string $batch, ReplanBatch $replan): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['version', 'request', 'id']);
        $version = $body->at('version')->integer(1, PHP_INT_MAX);
        $wanted = GivenRequest::at($body->at('request'));
        $id = $body->at('id')->optionalUuid();
        $findings->refuseIfAny();

        return new JsonResponse(BatchDocument::of($replan(CurrentKitchen::batch($request, $batch)->id, $version, $wanted, $id)));
    }
}
