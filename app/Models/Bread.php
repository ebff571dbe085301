<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\PlanRequest;

/**
 * A bread of this kitchen; what it is made of stands in its revisions.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property Kitchen $kitchen
 * @property string $name
 * @property string $style
 * @property string|null $archived_at
 * @property array<string, mixed>|null $portrait what it looks like by the plan of its newest version
 * @property Collection<int, BreadRevision> $revisions
 * @property BreadRevision $newestRevision since there is no bread without one
 */
final class Bread extends Model
{
    protected $table = 'formulas';

    protected $guarded = [];

    /** @return HasMany<BreadRevision, $this> the newest first */
    public function revisions(): HasMany
    {
        $revisions = $this->hasMany(BreadRevision::class, 'formula_id');
        $revisions->latest('number');

        return $revisions;
    }

    /** @return HasOne<BreadRevision, $this> the version that stands, where it is read along with the bread */
    public function newestRevision(): HasOne
    {
        return $this->hasOne(BreadRevision::class, 'formula_id')->ofMany('number', 'max');
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['portrait' => 'array'];
    }

    /** The version that stands at this moment: the one saved last. */
    public function newest(): BreadRevision
    {
        return $this->revisions()->firstOrFail();
    }

    /** @throws InvalidInput If it asks for another style than this bread's. */
    public function refuseOtherStyle(PlanRequest $read): void
    {
        if ($read->style->id !== $this->style) {
            throw InvalidInput::at('request.style', 'A bread keeps its style; another style is another bread.', $read->style->id, $this->style);
        }
    }
}
