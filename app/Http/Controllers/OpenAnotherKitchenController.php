<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenKitchen;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\SessionDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Somebody who cooks here opens a kitchen of the own on the same house. */
final class OpenAnotherKitchenController
{
    private const MOST_KITCHENS = 20;

    public function __invoke(Request $request, OpenKitchen $open): JsonResponse
    {
        $user = CurrentKitchen::user($request);
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['kitchen']);
        $name = $body->at('kitchen')->text(80);
        if ($user->memberships()->count() >= self::MOST_KITCHENS) {
            $body->at('kitchen')->refuse('You cook in as many kitchens as one can.', sprintf('at most %d', self::MOST_KITCHENS));
        }
        $findings->refuseIfAny();
        $open->another($user, $name);

        return new JsonResponse(SessionDocument::of($user), 201);
    }
}
