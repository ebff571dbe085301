<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\CurrentKitchen;
use App\Http\Resources\KitchenDocument;
use App\Kitchens\Holdings;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Lot;
use App\Models\UtcMoment;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** Puts a bread, a bag or a tool away, or takes it out again. What was made with it keeps its record. */
final readonly class ArchiveController
{
    public function __construct(private KitchenDocument $document)
    {
    }

    public function bread(Request $request, string $bread): JsonResponse
    {
        return $this->put($request, Bread::query(), $bread);
    }

    public function lot(Request $request, string $lot): JsonResponse
    {
        return $this->put($request, Lot::query(), $lot);
    }

    public function tool(Request $request, string $tool): JsonResponse
    {
        return $this->put($request, Gear::query(), $tool);
    }

    /** @param Builder<Bread>|Builder<Lot>|Builder<Gear> $all */
    private function put(Request $request, Builder $all, string $id): JsonResponse
    {
        $findings = new Findings;
        $isArchived = Node::root(Body::of($request), $findings)->object(['archived'])->at('archived')->boolean();
        $findings->refuseIfAny();
        $one = $all->where('kitchen_id', CurrentKitchen::user($request)->kitchen_id)->where('uuid', $id)->firstOrFail();
        $one->update(['archived_at' => $isArchived ? UtcMoment::kept(new DateTimeImmutable) : null]);

        return new JsonResponse($this->document->of(Holdings::of(CurrentKitchen::of($request))));
    }
}
