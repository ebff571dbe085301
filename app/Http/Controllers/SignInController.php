<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\SessionDocument;
use App\Http\SignInThrottle;
use App\Models\User;
use App\Problems\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use SensitiveParameter;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class SignInController
{
    public function __invoke(Request $request, SignInThrottle $throttle): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['name', 'password']);
        $credentials = ['name' => $body->at('name')->text(80), 'password' => $body->at('password')->text(200)];
        $findings->refuseIfAny();
        $throttle->refuseGuessing($request, $credentials['name']);
        if (! Auth::attempt($credentials)) {
            self::takeAsLongForANameThatIsNotKnown($credentials);
            $throttle->wrong($request, $credentials['name']);

            return Problem::response(401, 'wrong-sign-in', 'Name and password do not fit.', 'Check both and try again.');
        }
        $throttle->right($request, $credentials['name']);
        $user = CurrentKitchen::user($request);
        if (! self::isIn($user)) {
            Auth::logout();

            return Problem::response(403, 'no-kitchen', 'You cook in no kitchen of this house any more.', 'Ask an owner of one for an invitation.');
        }
        $request->session()->regenerate();

        return new JsonResponse(SessionDocument::of($user));
    }

    /** Somebody who was shown out while away is in another of their kitchens, if there is one. */
    private static function isIn(User $user): bool
    {
        if ($user->role() !== null) {
            return true;
        }
        $place = $user->memberships()->orderBy('id')->first();
        if ($place !== null) {
            $user->update(['kitchen_id' => $place->kitchen_id]);
        }

        return $place !== null;
    }

    /**
     * Who lives here must not show in how long a refusal takes.
     *
     * @param array{name: string, password: string} $credentials
     */
    private static function takeAsLongForANameThatIsNotKnown(#[SensitiveParameter] array $credentials): void
    {
        if (User::query()->where('name', $credentials['name'])->doesntExist()) {
            Hash::make($credentials['password']);
        }
    }
}
