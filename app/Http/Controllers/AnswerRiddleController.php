<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AnswerRiddle;
use App\Http\Body;
use App\Http\CurrentKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class AnswerRiddleController
{
    public function __invoke(Request $request, AnswerRiddle $answer): JsonResponse
    {
        return new JsonResponse($answer(CurrentKitchen::user($request), Body::of($request)));
    }
}
