<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\PeopleDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShowPeopleController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(PeopleDocument::of(CurrentKitchen::of($request), CurrentKitchen::user($request)));
    }
}
