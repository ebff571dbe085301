<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenKitchen;
use App\Http\Body;
use App\Http\NewPassword;
use App\Http\Resources\SessionDocument;
use App\Models\Kitchen;
use App\Problems\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** The first run of an empty house; afterwards this door is shut. */
final class OpenKitchenController
{
    public function __invoke(Request $request, OpenKitchen $open): JsonResponse
    {
        if (Kitchen::query()->exists()) {
            return self::alreadyOpen();
        }
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['kitchen', 'name', 'password']);
        [$kitchen, $name, $password] = [$body->at('kitchen')->text(80), $body->at('name')->text(80), NewPassword::read($body->at('password'), $findings)];
        $findings->refuseIfAny();
        $user = $open($kitchen, $name, $password);
        if ($user === null) {
            return self::alreadyOpen();
        }
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(SessionDocument::of($user), 201);
    }

    private static function alreadyOpen(): JsonResponse
    {
        return Problem::response(403, 'already-open', 'There is a kitchen here already.', 'Sign in, or start an empty house with --fresh --no-demo.');
    }
}
