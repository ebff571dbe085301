<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NewBread;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BreadDocument;
use App\Models\Bread;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\GivenRequest;

final class NewBreadController
{
    public function __invoke(Request $request, NewBread $new): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['id', 'name', 'request']);
        [$id, $name, $wanted] = [$body->at('id')->uuid(), $body->at('name')->text(80), GivenRequest::at($body->at('request'))];
        $findings->refuseIfAny();
        if (Bread::query()->where('uuid', $id)->exists()) {
            // Sent twice is kept once; an identifier of another kitchen is simply not to be had.
            return new JsonResponse(BreadDocument::of(CurrentKitchen::bread($request, $id)->load('revisions')));
        }

        $new(CurrentKitchen::of($request), $id, $name, $wanted);

        return new JsonResponse(BreadDocument::of(CurrentKitchen::bread($request, $id)->load('revisions')), 201);
    }
}
