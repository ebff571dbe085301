<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BreadDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\GivenRequest;

final class SaveRevisionController
{
    public function __invoke(Request $request, string $bread, SaveRevision $save): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['after', 'request', 'id']);
        [$after, $wanted, $id] = [$body->at('after')->integer(1, PHP_INT_MAX), GivenRequest::at($body->at('request')), $body->at('id')->optionalUuid()];
        $findings->refuseIfAny();
        $formula = CurrentKitchen::bread($request, $bread);
        $save($formula, $after, $wanted, $id);

        return new JsonResponse(BreadDocument::of($formula->load('revisions')), 201);
    }
}
