<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartBatch;
use App\Exports\RecipeDocument;
use App\Http\CurrentKitchen;
use App\Models\BreadRevision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;

/** The newest version of a bread, with what the kitchen has today, for other programs. */
final class ExportRecipeController
{
    public function __invoke(Request $request, string $bread, StartBatch $start, Planner $planner, Reference $reference): JsonResponse
    {
        $found = CurrentKitchen::bread($request, $bread);
        $revision = BreadRevision::query()->where('formula_id', $found->id)->latest('number')->firstOrFail();
        $plan = $planner->plan(PlanRequest::read($start->asItStands($found->kitchen, $revision->document, CurrentKitchen::user($request)), $reference));

        return (new JsonResponse(RecipeDocument::of($found->name, $plan), 200, [
            'Content-Type' => 'application/ld+json', 'Content-Disposition' => 'attachment; filename="recipe.jsonld"',
        ]))->setEncodingOptions(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
