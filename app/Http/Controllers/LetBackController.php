<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePeople;
use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** An owner lets somebody in again who was shown out. */
final class LetBackController
{
    public function __invoke(Request $request, ChangePeople $change, string $person): JsonResponse
    {
        $kitchen = CurrentKitchen::kept($request);
        $change->letBack($kitchen, CurrentKitchen::formerPlace($kitchen, $person));

        return new JsonResponse(PeopleDocument::of($kitchen, CurrentKitchen::user($request)));
    }
}
