<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One bag of an ingredient, as bought and opened.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property string $ingredient
 * @property string $label
 * @property bool $certified_gluten_free
 * @property string|null $opened_on
 * @property string|null $notes
 */
final class Lot extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['certified_gluten_free' => 'boolean'];
    }
}
