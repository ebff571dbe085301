<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Somebody who cooks in a kitchen.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $password
 * @property Kitchen $kitchen
 */
final class User extends Authenticatable
{
    /** Characters that a password has at least. */
    public const SHORTEST_PASSWORD = 12;

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
