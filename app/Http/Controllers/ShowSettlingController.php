<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Learn;
use App\Http\CurrentKitchen;
use App\Models\Lot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Document\LearnDocument;
use StoneMill\Learn\WaterRecord;

/** How a bag became known, batch by batch: worked out when somebody looks. */
final class ShowSettlingController
{
    public function __invoke(Request $request, string $lot, Learn $learn): JsonResponse
    {
        $kitchen = CurrentKitchen::of($request);
        $bag = Lot::query()->where('kitchen_id', $kitchen->id)->where('uuid', $lot)->firstOrFail();

        return new JsonResponse(['settling' => LearnDocument::settling($learn($kitchen)->water, $bag->ingredient, $bag->uuid), 'kind_reach' => round(WaterRecord::kindReach(), 2)]);
    }
}
