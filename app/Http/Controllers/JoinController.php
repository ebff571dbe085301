<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JoinKitchen;
use App\Http\Body;
use App\Http\NewPassword;
use App\Http\Resources\SessionDocument;
use App\Models\Invitation;
use App\Models\User;
use App\Problems\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Follows an invitation: somebody new says a name and a password, who is signed in already only comes in. */
final class JoinController
{
    public function __invoke(Request $request, JoinKitchen $join, string $secret): JsonResponse
    {
        Invitation::open($secret) ?? abort(404);
        $known = $request->user();
        $known = $known instanceof User ? $known : null;
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['name', 'password']);
        $name = $known === null ? $body->at('name')->text(80) : '';
        $password = $known === null ? NewPassword::read($body->at('password'), $findings) : '';
        if ($name !== '' && User::query()->where('name', $name)->exists()) {
            $body->at('name')->refuse('Somebody has this name already.', 'a name that nobody else has; whoever it belongs to signs in first');
        }
        $findings->refuseIfAny();
        $user = $join->invited($secret, $known, $name, $password);
        if ($user === null) {
            return Problem::response(409, 'overtaken', 'Somebody was quicker.', 'The invitation or the name was taken just now.');
        }
        if ($known === null) {
            Auth::login($user);
            $request->session()->regenerate();
        }

        return new JsonResponse(SessionDocument::of($user), 201);
    }
}
