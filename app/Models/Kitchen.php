<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A household or counter: everything else belongs to one.
 *
 * @property int $id
 * @property string $name
 */
final class Kitchen extends Model
{
    protected $guarded = [];
}
