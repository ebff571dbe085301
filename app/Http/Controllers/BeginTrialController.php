<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginTrial;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\TrialDocument;
use App\Models\Bread;
use App\Models\Trial;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Plan\Reference;
use StoneMill\Trial\Design;
use StoneMill\Trial\Factor;

final class BeginTrialController
{
    private const LONGEST_QUESTION = 120;

    public function __invoke(Request $request, BeginTrial $begin, TrialDocument $document, Reference $reference): JsonResponse
    {
        $findings = new Findings;
        $body = Node::root(Body::of($request), $findings)->object(['id', 'bread', 'question', 'factor', 'levels', 'judged', 'rounds', 'seed', 'blind', 'halves']);
        [$id, $bread, $question] = [$body->at('id')->uuid(), $body->at('bread')->uuid(), $body->at('question')->text(self::LONGEST_QUESTION)];
        $isBlind = $body->at('blind')->optionalBoolean() ?? false;
        $factor = Factor::tryFrom(is_string($body->fields()['factor'] ?? null) ? $body->fields()['factor'] : '');
        $design = Design::read($body, $factor?->isOfThePantry() === true ? TrialDocument::pantry($factor, CurrentKitchen::of($request), $reference->catalogue) : []);
        $findings->refuseIfAny();
        if (Trial::query()->where('uuid', $id)->exists()) {
            // Sent twice is set up once; an identifier of another kitchen is simply not to be had.
            return new JsonResponse($document->whole(CurrentKitchen::trial($request, $id)));
        }
        $of = Bread::query()->where('kitchen_id', CurrentKitchen::user($request)->kitchen_id)->where('uuid', $bread)->first();
        if ($of === null) {
            $body->at('bread')->refuse('This kitchen has no such bread.', 'a bread of this kitchen');
        } else {
            $begin($of, $id, $question, $design, $isBlind, $body);
        }
        $findings->refuseIfAny();

        return new JsonResponse($document->whole(CurrentKitchen::trial($request, $id)), 201);
    }
}
