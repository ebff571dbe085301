<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Http\Resources\TrialDocument;
use App\Models\Trial;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Trial\Analysis;

/** The trials of a kitchen, those that go on first, then the newest. */
final class ListTrialsController
{
    private const MOST = 100;

    public function __invoke(Request $request, TrialDocument $document): JsonResponse
    {
        $trials = Trial::query()->with(['bread', 'batches.verdict'])->where('kitchen_id', CurrentKitchen::user($request)->kitchen_id)
            ->orderByRaw('decided_at IS NOT NULL')->orderByDesc('id')->limit(self::MOST)->get();

        return new JsonResponse([
            'trials' => $trials->map(TrialDocument::summary(...))->all(),
            'factors' => $document->factors(CurrentKitchen::of($request)),
            'judged' => TrialDocument::judged(),
            'fewest' => ['each' => Analysis::fewest(false), 'doughs' => Analysis::fewest(true)],
        ]);
    }
}
