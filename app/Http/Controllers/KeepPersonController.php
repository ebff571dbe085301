<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePeople;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\NewPassword;
use App\Http\Resources\PeopleDocument;
use App\Models\KitchenRole;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** An owner says what somebody may do here, or sets a forgotten password anew. */
final class KeepPersonController
{
    public function __invoke(Request $request, ChangePeople $change, string $person): JsonResponse
    {
        $kitchen = CurrentKitchen::kept($request);
        $place = CurrentKitchen::place($kitchen, $person);
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['role', 'password']);
        $role = $body->at('role')->optionalChoice(KitchenRole::class);
        $password = $body->at('password')->isAbsent() ? null : NewPassword::read($body->at('password'), $findings);
        $findings->refuseIfAny();
        $change->keep($kitchen, $place, $role, $password);

        return new JsonResponse(PeopleDocument::of($kitchen, CurrentKitchen::user($request)));
    }
}
