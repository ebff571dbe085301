<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanBread;
use App\Exports\RecipeDocument;
use App\Http\CurrentKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A bread as it stands, for other programs. */
final class ExportRecipeController
{
    public function __invoke(Request $request, string $bread, PlanBread $plan): JsonResponse
    {
        $found = CurrentKitchen::bread($request, $bread);

        return (new JsonResponse(RecipeDocument::of($found->name, $plan($found, CurrentKitchen::user($request))), 200, [
            'Content-Type' => 'application/ld+json', 'Content-Disposition' => 'attachment; filename="recipe.jsonld"',
        ]))->setEncodingOptions(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
