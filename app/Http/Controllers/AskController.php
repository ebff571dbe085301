<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\CompiledCore;
use App\Http\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Plan\Desk;
use StoneMill\Plan\Question;

/** Pure: the same document gives the same bytes, and nothing is stored. The question is the last part of the address. */
final class AskController
{
    public function __invoke(Request $request, Desk $desk): JsonResponse
    {
        $question = Question::from(basename($request->path()));
        $document = Body::of($request);

        $answer = static fn (): array => $desk->answer($question, $document);

        return new JsonResponse($question->bakesOnly() ? CompiledCore::run($answer) : $answer());
    }
}
