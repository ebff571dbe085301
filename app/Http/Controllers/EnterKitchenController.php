<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\SessionDocument;
use App\Models\Membership;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Goes into another kitchen that this person cooks in. */
final class EnterKitchenController
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = CurrentKitchen::user($request);
        $findings = new Findings;
        $id = Node::root(Body::of($request), $findings)->object(['kitchen'])->at('kitchen')->text(20);
        $findings->refuseIfAny();
        $place = Membership::query()->where('user_id', $user->id)->where('kitchen_id', (int) $id)->firstOrFail();
        $user->update(['kitchen_id' => $place->kitchen_id]);
        $user->unsetRelation('kitchen');

        return new JsonResponse(SessionDocument::of($user));
    }
}
