<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Copies;
use App\Database\Exception\UnusableKitchen;
use App\Database\KitchenKeeper;
use App\Http\CurrentKitchen;
use App\Http\Resources\CopiesDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Exception\InvalidInput;

/** Copies the house while it is in use, and reads the copy through. None is taken away for it: that is the night's business. */
final class MakeCopyController
{
    public function __invoke(Request $request, KitchenKeeper $keeper): JsonResponse
    {
        CurrentKitchen::kept($request);
        $folder = config()->string('mill.copies');
        is_dir($folder) || mkdir($folder, 0700, true);
        try {
            $keeper->backUp(Copies::ofThisHouse()->next(now()));
        } catch (UnusableKitchen $refusal) {
            throw InvalidInput::at('copies', $refusal->getMessage(), null, 'a kitchen that is sound, and one copy a second');
        }

        return new JsonResponse(CopiesDocument::of(CurrentKitchen::user($request), $keeper), 201);
    }
}
