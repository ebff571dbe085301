<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cache\WrittenAnswer;
use App\Http\Body;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;
use StoneMill\Measure\Memory;

/** Pure: the same document gives the same bytes, and nothing is stored. The question is the last part of the address. */
final readonly class AskController
{
    /** What a page asks at every move of a hand, and a second tablet or a page opened anew asks once more. */
    private const ASKED_AGAIN = [Question::Plan, Question::Bake, Question::Shape];

    /** @param Memory $memory of its own: an answer takes as much room as many bakes */
    public function __construct(private Memory $memory, private Container $house)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $question = Question::from(basename($request->path()));
        $text = Body::text($request);
        // Only where it is worked out, reference facts and planner are needed.
        $answer = fn (): WrittenAnswer => new WrittenAnswer((string) (new JsonResponse($this->house->make(Desk::class)->answer($question, Body::read($text))))->getContent());
        $written = in_array($question, self::ASKED_AGAIN, true) ? $this->memory->of(WrittenAnswer::class, [$question, $text], $answer) : $answer();

        return JsonResponse::fromJsonString($written->json);
    }
}
