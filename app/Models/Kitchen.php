<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\KitchenFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * A household or counter: everything else belongs to one.
 *
 * @property int $id
 * @property string $name
 * @property list<string> $set_aside of what was learned, what nobody wants used
 * @property string|null $cup that it measures with; null where nobody said
 * @property string|null $spoon set of spoons; null where nobody said
 */
final class Kitchen extends Model
{
    /** @use HasFactory<KitchenFactory> */
    use HasFactory;

    protected $guarded = [];

    protected $attributes = ['set_aside' => '[]'];

    /** Whether anybody has opened one in this house. */
    public static function isThereAny(): bool
    {
        return self::query()->exists();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_aside' => 'array'];
    }
}
