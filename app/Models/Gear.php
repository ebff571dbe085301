<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A griddle, press, pan or scale of the kitchen.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property string $kind
 * @property string $name
 * @property string|null $shape
 * @property float|null $diameter_millimetres
 * @property float|null $width_millimetres
 * @property float|null $depth_millimetres
 * @property float|null $resolution_grams
 */
final class Gear extends Model
{
    protected $table = 'gear';

    protected $guarded = [];

    /** @return array<string, string|float|null> this tool as a plan request names it */
    public function toRequest(): array
    {
        return array_filter([
            'shape' => $this->kind === 'griddle' ? $this->shape : null,
            'diameter_mm' => $this->diameter_millimetres,
            'width_mm' => $this->width_millimetres,
            'depth_mm' => $this->depth_millimetres,
            'resolution_grams' => $this->resolution_grams,
        ], static fn (string|float|null $value): bool => $value !== null);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['diameter_millimetres' => 'float', 'width_millimetres' => 'float', 'depth_millimetres' => 'float', 'resolution_grams' => 'float'];
    }
}
