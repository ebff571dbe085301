<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An ingredient that a kitchen has taken from the table on a package.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name the identifier that formulas use
 * @property int $version
 * @property array<string, mixed> $document as a plan request carries it
 */
final class OwnIngredient extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'version' => 'integer'];
    }
}
