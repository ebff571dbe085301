<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\Bread;
use App\Models\BreadRevision;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Models\Lot;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Plan\StoredPlan;
use StoneMill\Record\BatchState;
use StoneMill\Record\PaceRecord;
use StoneMill\Record\PaceTally;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Tally;

/**
 * Begins a batch of a bread with what the kitchen has: its newest bags, its first griddle, press and scale.
 *
 * @phpstan-import-type PlanDocument from PlannedBatch
 */
final readonly class StartBatch
{
    private const BATCHES_FOR_PACE = 8;

    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    public function __invoke(Kitchen $kitchen, Bread $formula, string $uuid, DateTimeImmutable $at): Batch
    {
        $revision = BreadRevision::query()->where('formula_id', $formula->id)->latest('number')->firstOrFail();
        $request = $this->withPace($kitchen, $this->withGear($kitchen, $this->withLots($kitchen, $revision->document)));
        $plan = $this->planner->plan(PlanRequest::read($request, $this->reference))->toArray();

        /** @var PlanDocument $plan */
        $columns = Batch::columns(BatchState::of(PlannedBatch::fromDocument($plan), []), $plan);

        // Whoever sent the same a moment before has begun it: then this is that batch.
        return DB::transaction(static fn (): Batch => Batch::query()->where('uuid', $uuid)->first() ?? Batch::query()->create([
            ...$columns,
            'uuid' => $uuid, 'kitchen_id' => $kitchen->id, 'formula_revision_id' => $revision->id, 'version' => 1,
            'request' => $request, 'plan' => $plan, 'plan_format' => StoredPlan::FORMAT, 'started_at' => $at, 'finished_at' => null, 'event_count' => 0,
        ]));
    }

    /**
     * Hands are as quick as the last batches that were shaped the same way say; what the bread itself asks for stands above that.
     *
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private function withPace(Kitchen $kitchen, array $request): array
    {
        $shape = PlanRequest::read($request, $this->reference)->method->shape->value;
        $last = Batch::query()->where('kitchen_id', $kitchen->id)->where('shape', $shape)
            ->latest('started_at')->limit(self::BATCHES_FOR_PACE)->pluck('tally')->all();
        $pace = PaceRecord::of(array_values(array_map(
            static fn (mixed $tally): PaceTally => (Tally::fromText(is_string($tally) ? $tally : null) ?? Tally::of([]))->pace,
            $last,
        )));
        $own = is_array($request['pace'] ?? null) ? $request['pace'] : [];

        return $pace === [] && $own === [] ? $request : [...$request, 'pace' => [...$pace, ...$own]];
    }

    /**
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private function withGear(Kitchen $kitchen, array $request): array
    {
        $gear = $kitchen->cup === null ? [] : ['cup' => $kitchen->cup];
        foreach (Gear::query()->where('kitchen_id', $kitchen->id)->oldest('id')->get() as $tool) {
            if ($tool->kind !== 'pan') {
                $gear[$tool->kind] ??= $tool->toRequest();
            }
        }

        // What the bread itself is baked on or in stands above what the kitchen has first.
        $own = is_array($request['gear'] ?? null) ? $request['gear'] : [];

        return $gear === [] ? $request : [...$request, 'gear' => [...$gear, ...$own]];
    }

    /**
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private function withLots(Kitchen $kitchen, array $request): array
    {
        /** @var array{formula: array{lines: list<array<string, mixed>>}} $request */
        $shelf = Lot::shelf(Lot::query()->where('kitchen_id', $kitchen->id)->get(), (new LearnWater)($kitchen));
        $lots = [];
        foreach ($request['formula']['lines'] as $index => $line) {
            $taken = is_string($line['ingredient'] ?? null) ? $shelf->taken($line['ingredient']) : null;
            if ($taken !== null) {
                $request['formula']['lines'][$index]['lot'] = $taken->id;
                $lots[$taken->id] = $taken->facts->toRequest();
            }
        }

        return $lots === [] ? $request : [...$request, 'lots' => $lots];
    }
}
