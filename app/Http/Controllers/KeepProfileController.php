<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Profile;
use App\Http\Resources\SessionDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Keeps how this person reads units and sees the pages, for every device. */
final class KeepProfileController
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = CurrentKitchen::user($request);
        $findings = new Findings;
        $profile = Profile::read(Node::root(Body::of($request), $findings));
        $findings->refuseIfAny();
        $user->update(['profile' => $profile]);

        return new JsonResponse(SessionDocument::of($user));
    }
}
