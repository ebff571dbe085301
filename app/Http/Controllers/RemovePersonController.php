<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePeople;
use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** An owner shows somebody out, or a cook goes. */
final class RemovePersonController
{
    public function __invoke(Request $request, ChangePeople $change, string $person): JsonResponse
    {
        $user = CurrentKitchen::user($request);
        $kitchen = (string) $user->id === $person ? CurrentKitchen::of($request) : CurrentKitchen::kept($request);
        $change->remove($kitchen, CurrentKitchen::place($kitchen, $person));

        return new JsonResponse(PeopleDocument::of($kitchen, $user));
    }
}
