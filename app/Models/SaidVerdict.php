<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was said of a batch at one time: a later word stands beside it, not in its place.
 *
 * @property int $id
 * @property int $batch_id
 * @property int|null $user_id
 * @property string $said_at
 * @property array<string, mixed> $verdict
 */
final class SaidVerdict extends Model
{
    public $timestamps = false;

    protected $table = 'verdict_history';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['verdict' => 'array'];
    }
}
