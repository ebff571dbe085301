<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\KitchenDocument;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Lot;
use App\Models\UtcMoment;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Puts a bread, a bag or a tool away, or takes it out again. What was made with it keeps its record. */
final class ArchiveController
{
    public function __invoke(Request $request, KitchenDocument $document, string $id, string $kind): JsonResponse
    {
        $findings = new Findings;
        $isArchived = Node::root(Body::of($request), $findings)->object(['archived'])->at('archived')->boolean();
        $findings->refuseIfAny();
        /** @var class-string<Bread|Gear|Lot> $kind */
        $one = $kind::query()->where('kitchen_id', CurrentKitchen::user($request)->kitchen_id)->where('uuid', $id)->firstOrFail();
        $one->update(['archived_at' => $isArchived ? UtcMoment::kept(new DateTimeImmutable) : null]);

        return new JsonResponse($document->of(CurrentKitchen::of($request)));
    }
}
