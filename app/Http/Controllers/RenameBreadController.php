<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\BreadDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class RenameBreadController
{
    public function __invoke(Request $request, string $bread): JsonResponse
    {
        $findings = new Findings;
        $name = Node::root(Body::of($request), $findings)->object(['name'])->at('name')->text(80);
        $findings->refuseIfAny();
        $formula = CurrentKitchen::bread($request, $bread);
        $formula->update(['name' => $name]);

        return new JsonResponse(BreadDocument::of($formula->load('revisions')));
    }
}
