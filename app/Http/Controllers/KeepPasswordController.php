<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\KeptSessions;
use App\Http\NewPassword;
use App\Http\Resources\SessionDocument;
use App\Http\SignInThrottle;
use App\Problems\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Somebody changes the own password; wherever else they are signed in, that ends. */
final class KeepPasswordController
{
    public function __invoke(Request $request, SignInThrottle $throttle): JsonResponse
    {
        $user = CurrentKitchen::user($request);
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['password', 'new_password']);
        $now = $body->at('password')->text(200);
        $next = NewPassword::read($body->at('new_password'), $findings);
        $findings->refuseIfAny();
        $throttle->refuseGuessing($request, $user->name);
        if (! Hash::check($now, $user->password)) {
            $throttle->wrong($request, $user->name);

            return Problem::response(403, 'wrong-password', 'That is not the password of now.', 'Nothing was changed.');
        }
        $user->update(['password' => $next]);
        KeptSessions::endOthersOf($user, $request);

        return new JsonResponse(SessionDocument::of($user));
    }
}
