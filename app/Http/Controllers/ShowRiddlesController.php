<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AnswerRiddle;
use App\Http\CurrentKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How a cook has done so far. */
final class ShowRiddlesController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(AnswerRiddle::tally(CurrentKitchen::user($request)));
    }
}
