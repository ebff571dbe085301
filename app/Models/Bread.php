<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A bread of this kitchen; what it is made of stands in its revisions.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property string $name
 * @property string $style
 * @property string|null $archived_at
 * @property array<string, mixed>|null $portrait what it looks like by the plan of its newest version
 */
final class Bread extends Model
{
    protected $table = 'formulas';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['portrait' => 'array'];
    }
}
