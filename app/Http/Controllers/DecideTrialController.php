<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DecideTrial;
use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\TrialDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

final class DecideTrialController
{
    public function __invoke(Request $request, string $trial, DecideTrial $decide, TrialDocument $document): JsonResponse
    {
        $asked = CurrentKitchen::trial($request, $trial);
        $findings = new Findings;
        $level = Node::root(Body::of($request), $findings)->object(['level'])->at('level')->optionalInteger(0, max(0, count($asked->levels) - 1));
        $findings->refuseIfAny();
        $words = TrialDocument::summary($asked)['result'];
        $decide($asked, $level, sprintf('Trial: %s %s', $asked->question, is_array($words) && is_string($words['words'] ?? null) ? $words['words'] : ''));

        return new JsonResponse($document->whole(CurrentKitchen::trial($request, $trial)));
    }
}
