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
use StoneMill\Learn\KitchenRecord;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Record\BatchState;

/** Begins a batch of a bread with what the kitchen has: its newest bags, its first griddle, press and scale, and what its record says of them. */
final readonly class StartBatch
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /**
     * @param array{revision: int, request: array<string, mixed>}|null $prepared what the tablet began with while the house was away
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
     * @param array{revision: int, request: array<string, mixed>}|null $prepared
     */
    public function prepared(Kitchen $kitchen, Bread $formula, string $uuid, DateTimeImmutable $at, User $cook, ?array $prepared = null): Batch
    {
        $revisions = BreadRevision::query()->with('formula')->where('formula_id', $formula->id);
        $revision = ($prepared === null ? $revisions->latest('number') : $revisions->where('number', $prepared['revision']))->first()
            ?? throw InvalidInput::at('revision', 'This bread has no such version.', (string) ($prepared['revision'] ?? ''), 'a version of this bread');
        $request = $prepared['request'] ?? $this->asItStands($kitchen, $revision->document, $cook);
        $read = PlanRequest::read($request, $this->reference);
        $formula->refuseOtherStyle($read);
        $plan = PlanDocument::of($this->planner->plan($read));
        $columns = Batch::columns($plan, BatchState::of($plan->planned(), []), null);

        $batch = new Batch([
            ...$columns,
            'uuid' => $uuid, 'kitchen_id' => $kitchen->id, 'formula_revision_id' => $revision->id, 'version' => 1, 'cooks' => Batch::withCook('', $cook->id),
            'request' => $request, 'plan' => $plan->json, 'plan_format' => $plan->format, 'started_at' => $at, 'finished_at' => null, 'event_count' => 0,
        ]);
        $batch->setRelation('revision', $revision);
        $batch->setRelation('verdict', null);

        return $batch;
    }

    /**
     * A bread with what the kitchen has today and what its record says.
     *
     * @param array<string, mixed> $bread plan request
     * @return array<string, mixed>
     */
    public function asItStands(Kitchen $kitchen, array $bread, User $cook): array
    {
        $record = (new Learn)($kitchen);

        return $this->withExperience($record, $cook, $this->withGear($kitchen, $record, $cook, $this->withLots($kitchen, $record, $bread)));
    }

    /**
     * What the record says of this cook's hands, of this bread and of this griddle; what the bread itself asks for stands above that.
     *
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private function withExperience(KitchenRecord $record, User $cook, array $request): array
    {
        $read = PlanRequest::read($request, $this->reference);
        $experience = $record->experience((string) $cook->id, $read->style->id, $read->method->shape->value, $read->gear->griddleId);

        return $experience->isEmpty() ? $request : [...$request, 'learned' => $experience->toRequest()];
    }

    /**
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private function withGear(Kitchen $kitchen, KitchenRecord $record, User $cook, array $request): array
    {
        $gear = array_filter($cook->measuresIn($kitchen), static fn (?string $set): bool => $set !== null);
        // What the bread itself is baked on or in stands above what the kitchen has first.
        $own = is_array($request['gear'] ?? null) ? $request['gear'] : [];
        $ownGriddle = data_get($own, 'griddle.id');
        foreach (Gear::query()->where('kitchen_id', $kitchen->id)->whereNull('archived_at')->oldest('id')->get() as $tool) {
            if ($tool->kind !== 'pan') {
                $gear[$tool->kind] ??= $tool->toRequest($record);
            }
            // A griddle of the kitchen that the bread keeps to is known as it is today.
            if ($tool->kind === 'griddle' && $tool->uuid === $ownGriddle) {
                $own['griddle'] = $tool->toRequest($record);
            }
        }

        return $gear === [] ? $request : [...$request, 'gear' => [...$gear, ...$own]];
    }

    /**
     * @param array<string, mixed> $request
     * @return array<string, mixed>
     */
    private function withLots(Kitchen $kitchen, KitchenRecord $record, array $request): array
    {
        /** @var array{formula: array{lines: list<array<string, mixed>>, extras?: list<array<string, mixed>>}} $request */
        $shelf = Lot::shelf(Lot::ofKitchen($kitchen)->whereNull('archived_at')->get(), $record->water);
        $lots = [];
        foreach (['lines', 'extras'] as $part) {
            foreach ($request['formula'][$part] ?? [] as $index => $line) {
                $taken = is_string($line['ingredient'] ?? null) ? $shelf->taken($line['ingredient']) : null;
                if ($taken !== null) {
                    $request['formula'][$part][$index]['lot'] = $taken->id;
                    $lots[$taken->id] = $taken->facts->toRequest();
                }
            }
        }

        return $lots === [] ? $request : [...$request, 'lots' => $lots];
    }
}
