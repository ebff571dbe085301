<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use StoneMill\Document\IngredientDocument;
use StoneMill\Pantry\Ingredient;
use StoneMill\Plan\Reference;

/** Every ingredient that ships, for the larder to look things up in. */
final class ShowCatalogueController
{
    public function __invoke(Reference $reference): JsonResponse
    {
        return new JsonResponse(['ingredients' => array_map(static fn (Ingredient $ingredient): array => (new IngredientDocument($ingredient))->json(), $reference->catalogue->all())]);
    }
}
