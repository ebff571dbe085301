<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\Carbon;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use StoneMill\Plan\GivenRequest;

/**
 * A formula as it was saved once. It never changes; the database refuses it.
 *
 * @property int $id
 * @property int $formula_id
 * @property string|null $reason why it was made
 * @property int $number
 * @property string|null $uuid the client's identifier, where it gave one
 * @property array<string, mixed> $document the plan request that it stands for
 * @property Carbon|null $created_at
 * @property Bread $formula
 */
final class BreadRevision extends Model
{
    protected $table = 'formula_revisions';

    public const UPDATED_AT = null;

    protected $guarded = [];

    public function given(): GivenRequest
    {
        return GivenRequest::of($this->document);
    }

    /** @return BelongsTo<Bread, $this> */
    public function formula(): BelongsTo
    {
        return $this->belongsTo(Bread::class, 'formula_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array'];
    }
}
