<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\KeptSessions;
use App\Http\Resources\SessionDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Ends every session of this person but the one that asks. */
final class SignOutEverywhereController
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = CurrentKitchen::user($request);
        KeptSessions::endOthersOf($user, $request);

        return new JsonResponse(SessionDocument::of($user));
    }
}
