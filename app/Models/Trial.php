<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use StoneMill\Trial\Design;
use StoneMill\Trial\Factor;
use StoneMill\Trial\Judged;

/**
 * One thing varied over a few batches of one bread.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property int $formula_id
 * @property string $question
 * @property string $factor
 * @property non-empty-list<float|int|string> $levels
 * @property string $judged
 * @property int $rounds
 * @property int $seed
 * @property bool $in_halves whether each batch is one dough, of which each of two levels has a half
 * @property list<string|null>|null $names what the levels are called where they are things of the pantry
 * @property bool $is_blind whether its cook is kept from knowing which level it is until it is judged
 * @property int|null $decided_level
 * @property CarbonImmutable|null $decided_at
 * @property Bread $bread
 * @property Collection<int, Batch> $batches that were not discarded, in the order in which they were begun
 */
final class Trial extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<Bread, $this> */
    public function bread(): BelongsTo
    {
        return $this->belongsTo(Bread::class, 'formula_id');
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        $batches = $this->hasMany(Batch::class);
        $batches->whereNull('discarded_at')->orderBy('id');

        return $batches;
    }

    /** @return Collection<int, Batch> of the same bread that were judged and made apart from any trial, the newest first */
    public function madeBeside(int $most): Collection
    {
        return Batch::query()->with('verdict')->whereRelation('revision', 'formula_id', $this->formula_id)
            ->whereNull('trial_id')->whereNull('discarded_at')->whereNotNull('is_good')->orderByDesc('id')->limit($most)->get();
    }

    public function design(): Design
    {
        return new Design(
            Factor::from($this->factor),
            array_map(static fn (float|int|string $level): float|string => is_int($level) ? (float) $level : $level, $this->levels),
            Judged::from($this->judged),
            $this->rounds,
            $this->seed,
            $this->in_halves,
            $this->names,
        );
    }

    /** The level of the next batch, or of its first half, by its place; null where all are made, or it was decided. */
    public function nextLevel(): ?int
    {
        return $this->decided_at !== null ? null : $this->design()->levelAfter($this->batches->count());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['levels' => 'array', 'names' => 'array', 'in_halves' => 'boolean', 'is_blind' => 'boolean', 'decided_at' => UtcMoment::class];
    }
}
