<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Collection;
use StoneMill\Record\BatchEvent as CoreEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;

/**
 * One run of a formula: what it was planned from, the plan as it stood, and what happened.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property int $formula_revision_id
 * @property int $version
 * @property array<string, mixed> $request
 * @property array<string, mixed> $plan
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $finished_at
 * @property FormulaRevision $revision
 * @property Collection<int, BatchEvent> $events
 * @property Verdict|null $verdict
 *
 * @phpstan-import-type PlanDocument from PlannedBatch
 */
final class Batch extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<FormulaRevision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(FormulaRevision::class, 'formula_revision_id');
    }

    /** @return HasMany<BatchEvent, $this> */
    public function events(): HasMany
    {
        $events = $this->hasMany(BatchEvent::class);
        $events->orderBy('id');

        return $events;
    }

    /** @return HasOne<Verdict, $this> */
    public function verdict(): HasOne
    {
        return $this->hasOne(Verdict::class);
    }

    /** Where the batch stands, told from its log. */
    public function state(): BatchState
    {
        /** @var PlanDocument $plan */
        $plan = $this->plan;

        return BatchState::of(
            PlannedBatch::fromDocument($plan),
            array_values($this->events->map(static fn (BatchEvent $event): CoreEvent => $event->toCore())->all()),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['request' => 'array', 'plan' => 'array', 'started_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime'];
    }
}
