<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Collection;
use StoneMill\Document\PlanDocument;
use StoneMill\Document\StateDocument;
use StoneMill\Learn\BatchLesson;
use StoneMill\Plan\GivenRequest;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Tally;
use StoneMill\Record\Verdict as CoreVerdict;

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
 * @property int $plan_format the form that the plan was stored in
 * @property string|null $tally what the log adds up to
 * @property int $event_count
 * @property array<string, mixed>|null $summary what a list shows
 * @property string|null $shape how its pieces are shaped
 * @property string|null $lesson what it teaches of bags, griddle and hands
 * @property bool $lesson_left_out whether a cook left it out of what is learned
 * @property string|null $griddle that it is made on, by its identifier
 * @property string $cooks who wrote in its log, each between bars
 * @property string $words of its verdict and notes
 * @property bool|null $is_good whether a cook would make it again; null where nobody judged
 * @property string|null $discarded_at
 * @property string|null $sheet_key by what its cook's own sheet knows it, where it came out of one
 * @property int|null $trial_id
 * @property int|null $trial_level its level in its trial, by its place
 * @property string|null $change_id the client's identifier of the last change of the plan
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $updated_at
 * @property CarbonImmutable|null $finished_at
 * @property BreadRevision $revision
 * @property Collection<int, LogEntry> $events
 * @property KeptVerdict|null $verdict
 * @property Trial|null $trial
 * @property Collection<int, Photo> $photos
 * @property Collection<int, SaidVerdict> $said
 */
final class Batch extends Model
{
    /** What is told of a batch besides its own row. */
    public const TOLD = ['verdict', 'revision.formula', 'trial'];

    protected $guarded = [];

    /** @return BelongsTo<BreadRevision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(BreadRevision::class, 'formula_revision_id');
    }

    /** @return BelongsTo<Trial, $this> */
    public function trial(): BelongsTo
    {
        return $this->belongsTo(Trial::class);
    }

    /** @return HasMany<LogEntry, $this> */
    public function events(): HasMany
    {
        $events = $this->hasMany(LogEntry::class);
        $events->orderBy('id');

        return $events;
    }

    /** @return HasOne<KeptVerdict, $this> */
    public function verdict(): HasOne
    {
        return $this->hasOne(KeptVerdict::class);
    }

    /** @return HasMany<Photo, $this> without the pictures themselves */
    public function photos(): HasMany
    {
        $photos = $this->hasMany(Photo::class);
        $photos->select(['id', 'batch_id', 'uuid', 'taken_at', 'width', 'height'])->orderBy('id');

        return $photos;
    }

    /** @return HasMany<SaidVerdict, $this> all that was ever said of it, the first first */
    public function said(): HasMany
    {
        $said = $this->hasMany(SaidVerdict::class);
        $said->orderBy('id');

        return $said;
    }

    /** What it is planned from. */
    public function given(): GivenRequest
    {
        return GivenRequest::of($this->request);
    }

    /** Where the batch stands, by what its log adds up to so far. */
    public function state(): BatchState
    {
        $tally = Tally::fromText($this->tally);

        return $tally === null ? $this->stateFromLog() : BatchState::carried($this->planned(), $tally);
    }

    /** What its log adds up to, without a look at its plan where it was kept. */
    public function tally(): Tally
    {
        // Who asked for few columns has not asked for the plan that the log is told by.
        return Tally::fromText($this->tally) ?? self::query()->findOrFail($this->id)->stateFromLog()->tally();
    }

    /** The same, told from every line of the log: an undo takes it. */
    public function stateFromLog(): BatchState
    {
        return BatchState::of($this->planned(), LogEntry::log($this->id));
    }

    /**
     * What stands beside a batch so that no look at it works its log out again.
     *
     * @return array{tally: string, summary: array<string, mixed>, shape: string|null, lesson: string|null, griddle: string|null, words: string, is_good: bool|null}
     */
    public static function columns(PlanDocument $document, BatchState $state, ?CoreVerdict $verdict): array
    {
        $plan = $state->plan();
        $bowl = $state->bowl();
        $lesson = BatchLesson::of($plan, $state, $verdict);

        return [
            'tally' => $state->tally()->toText(),
            'summary' => [
                'stage' => $state->stage()->value,
                'planned_hydration_percent' => $plan->hydrationPercent,
                'hydration_percent' => $bowl->waterGrams() > 0 ? round($bowl->hydrationPercent(), 2) : null,
                'water_celsius' => $plan->waterCelsius,
                'piece_count' => $plan->count,
                'piece_grams' => $plan->pieceGrams,
                'portrait' => $document->portrait(),
                'contains_wheat' => $plan->containsWheat,
                'faults' => StateDocument::faults($state),
            ],
            'shape' => $plan->shaping->value,
            'griddle' => $plan->griddleId,
            'lesson' => $lesson->isEmpty() ? null : $lesson->toJson(),
            'words' => implode("\n", array_filter([$verdict?->notes, ...$state->noteTexts()])),
            'is_good' => $verdict?->isGood(),
        ];
    }

    /**
     * The same with the verdict that was given, where one was.
     *
     * @return array{tally: string, summary: array<string, mixed>, shape: string|null, lesson: string|null, griddle: string|null, words: string, is_good: bool|null}
     */
    public function columnsAfter(BatchState $state): array
    {
        return self::columns($this->document(), $state, $this->verdict?->toCore());
    }

    /** Who wrote in a log, with one more: each between bars, so that one is found without taking another for it. */
    public static function withCook(string $cooks, int $cook): string
    {
        return str_contains($cooks, "|$cook|") ? $cooks : ($cooks === '' ? '|' : $cooks)."$cook|";
    }

    /** Its plan as it stood when the batch began, or was last changed. */
    public function document(): PlanDocument
    {
        return PlanDocument::stored($this->plan, $this->plan_format);
    }

    private function planned(): PlannedBatch
    {
        return $this->document()->planned();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lesson_left_out' => 'boolean', 'is_good' => 'boolean', 'request' => 'array', 'plan' => 'array', 'summary' => 'array', 'started_at' => UtcMoment::class, 'finished_at' => UtcMoment::class];
    }
}
