<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartBatch;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use App\Models\Bread;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\GivenRequest;

final class StartBatchController
{
    public function __invoke(Request $request, StartBatch $start): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['id', 'bread', 'at', 'revision', 'request']);
        [$id, $bread, $at] = [$body->at('id')->uuid(), $body->at('bread')->uuid(), $body->at('at')->moment()];
        $prepared = $body->at('request')->isAbsent() ? null : ['revision' => $body->at('revision')->integer(1, PHP_INT_MAX), 'request' => GivenRequest::at($body->at('request'))];
        $findings->refuseIfAny();
        $kitchen = CurrentKitchen::of($request);
        $known = Batch::query()->where('uuid', $id)->first();
        if ($known !== null) {
            // Sent twice is started once; an identifier of another kitchen is simply not to be had.
            return new JsonResponse(BatchDocument::of(CurrentKitchen::batch($request, $id)->load(Batch::TOLD)));
        }
        $formula = Bread::query()->where('kitchen_id', $kitchen->id)->where('uuid', $bread)->first()
            ?? throw InvalidInput::at('bread', 'This kitchen has no such bread.', $bread, 'a bread of this kitchen');

        $start($kitchen, $formula, $id, $at, CurrentKitchen::user($request), $prepared);

        return new JsonResponse(BatchDocument::of(CurrentKitchen::batch($request, $id)->load(Batch::TOLD)), 201);
    }
}
