<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeBatch;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BatchDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class JudgeBatchController
{
    public function __invoke(Request $request, string $batch, JudgeBatch $judge): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['version', 'verdict', 'id']);
        $version = $body->at('version')->integer(1, PHP_INT_MAX);
        $verdict = $body->at('verdict')->fields();
        $id = $body->at('id')->optionalUuid();
        $findings->refuseIfAny();

        return new JsonResponse(BatchDocument::of($judge(CurrentKitchen::batch($request, $batch)->id, CurrentKitchen::user($request), $version, $verdict, $id)));
    }
}
