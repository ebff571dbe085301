<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use App\Models\Invitation;
use App\Models\KitchenRole;
use App\Models\Secret;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** An owner asks somebody in; the same wish sent twice is one invitation. */
final class InviteController
{
    public function __invoke(Request $request): JsonResponse
    {
        $kitchen = CurrentKitchen::kept($request);
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['id', 'role']);
        [$uuid, $role] = [$body->at('id')->uuid(), $body->at('role')->choice(KitchenRole::class)];
        $findings->refuseIfAny();
        Invitation::query()->firstOrCreate(['uuid' => $uuid], [
            'kitchen_id' => $kitchen->id, 'invited_by' => CurrentKitchen::user($request)->id, 'role' => $role,
            'secret' => Secret::hash(Invitation::secretOf($uuid)), 'expires_at' => now()->addDays(Invitation::DAYS),
        ]);

        return new JsonResponse(PeopleDocument::of($kitchen, CurrentKitchen::user($request)));
    }
}
