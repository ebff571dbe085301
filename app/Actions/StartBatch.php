<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\BatchBags;
use App\Models\Bread;
use App\Models\BreadRevision;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Models\Lot;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Record\BatchState;

/** Begins a batch of a bread with what the kitchen has: its newest bags, its first griddle, press and scale, and what its record says of them. */
final readonly class StartBatch
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @param array{revision: int, request: GivenRequest}|null $prepared what the tablet began with while the house was away
     *
     * @throws InvalidInput If what it was begun with cannot be planned.
     */
    public function __invoke(Kitchen $kitchen, Bread $formula, string $uuid, DateTimeImmutable $at, User $cook, ?array $prepared = null): Batch
    {
        return $this->keep($this->prepared($kitchen, $formula, $uuid, $at, $cook, $prepared));
    }

    /** Whoever sent the same a moment before has begun it: then this is that batch. */
    public function keep(Batch $batch): Batch
    {
        return DB::transaction(static function () use ($batch): Batch {
            $begun = Batch::query()->where('uuid', $batch->uuid)->first();
            if ($begun !== null) {
                return $begun;
            }
            $batch->save();
            BatchBags::keep($batch);

            return $batch;
        });
    }

    /**
     * The batch as it begins, not stored yet.
     *
     * @param array{revision: int, request: GivenRequest}|null $prepared
     */
    public function prepared(Kitchen $kitchen, Bread $formula, string $uuid, DateTimeImmutable $at, User $cook, ?array $prepared = null): Batch
    {
        $revisions = BreadRevision::query()->with('formula')->where('formula_id', $formula->id);
        $revision = ($prepared === null ? $revisions->latest('number') : $revisions->where('number', $prepared['revision']))->first()
            ?? throw InvalidInput::at('revision', 'This bread has no such version.', (string) ($prepared['revision'] ?? ''), 'a version of this bread');
        $request = $prepared['request'] ?? $this->asItStands($kitchen, $revision->given(), $cook);
        $read = $request->read($this->reference);
        $formula->refuseOtherStyle($read);
        $plan = PlanDocument::of($this->planner->plan($read));
        $columns = Batch::columns($plan, BatchState::of($plan->planned(), []), null);

        $batch = new Batch([
            ...$columns,
            'uuid' => $uuid, 'kitchen_id' => $kitchen->id, 'formula_revision_id' => $revision->id, 'version' => 1, 'cooks' => Batch::withCook('', $cook->id),
            'request' => $request->json(), 'plan' => $plan->json, 'plan_format' => $plan->format, 'started_at' => $at, 'finished_at' => null, 'event_count' => 0,
        ]);
        $batch->setRelation('revision', $revision);
        $batch->setRelation('verdict', null);

        return $batch;
    }

    /** A bread with what the kitchen has today and what its record says; what the bread itself asks for stands above that. */
    public function asItStands(Kitchen $kitchen, GivenRequest $bread, User $cook): GivenRequest
    {
        $record = (new Learn)($kitchen);
        $bags = Lot::shelf(Lot::ofKitchen($kitchen)->whereNull('archived_at')->get(), $record->water);
        $standing = Gear::toolsOf($kitchen, $record, $cook)->beside($bags->under($bread));
        $read = $standing->read($this->reference);

        return $standing->knowing($record->experience((string) $cook->id, $read->style->id, $read->method->shape->value, $read->gear->griddleId));
    }
}
