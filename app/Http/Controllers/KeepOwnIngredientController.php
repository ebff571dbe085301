<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepOwnIngredient;
use App\Http\Body;
use App\Http\CurrentKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KeepOwnIngredientController
{
    public function __invoke(Request $request, string $ingredient, KeepOwnIngredient $keep): JsonResponse
    {
        $own = $keep(CurrentKitchen::of($request), $ingredient, Body::of($request));

        return new JsonResponse(['version' => $own->version, 'document' => $own->document]);
    }
}
