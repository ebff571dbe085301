<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bread;
use App\Models\BreadRevision;
use App\Models\User;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

/** The newest version of a bread, planned with what the kitchen has today. */
final readonly class PlanBread
{
    public function __construct(private StartBatch $start, private Planner $planner, private Reference $reference)
    {
    }

    public function __invoke(Bread $bread, User $cook): BatchPlan
    {
        $revision = BreadRevision::query()->where('formula_id', $bread->id)->latest('number')->firstOrFail();

        return $this->planner->plan($this->start->asItStands($cook->kitchen, $revision->given(), $cook)->read($this->reference));
    }
}
