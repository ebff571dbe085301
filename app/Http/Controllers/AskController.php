<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;

/** Pure: the same document gives the same bytes, and nothing is stored. The question is the last part of the address. */
final class AskController
{
    public function __invoke(Request $request, Desk $desk): JsonResponse
    {
        return new JsonResponse($desk->answer(Question::from(basename($request->path())), Body::of($request)));
    }
}
