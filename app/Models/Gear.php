<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use StoneMill\Learn\KitchenRecord;
use StoneMill\Plan\KnobSetting;

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
 * @property int|null $count of pans alike
 * @property int $version
 * @property string|null $metal
 * @property float|null $metal_millimetres
 * @property string|null $burner
 * @property float|null $burner_watts
 * @property string|null $archived_at
 */
final class Gear extends Model
{
    protected $table = 'gear';

    protected $guarded = [];

    /**
     * This tool as a plan request names it, a griddle with what the record says of its settings.
     *
     * @return array<string, mixed>
     */
    public function toRequest(?KitchenRecord $record = null): array
    {
        return array_filter([
            'shape' => $this->kind === 'griddle' ? $this->shape : null,
            'diameter_mm' => $this->diameter_millimetres,
            'width_mm' => $this->width_millimetres,
            'depth_mm' => $this->depth_millimetres,
            'resolution_grams' => $this->resolution_grams,
            'count' => $this->count,
            'metal' => $this->metal,
            'thickness_mm' => $this->metal_millimetres,
            'burner' => $this->burner,
            'burner_watts' => $this->burner_watts,
            'preheat_seconds' => $this->kind === 'griddle' ? $this->preheatSeconds() : null,
            'id' => $this->kind === 'griddle' ? $this->uuid : null,
            'settings' => $this->kind === 'griddle' && $record !== null ? $this->settings($record) : null,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return list<array{name: string, value: float, deviation: float, batches: int}> */
    private function settings(KitchenRecord $record): array
    {
        return array_map(static fn (KnobSetting $setting): array => ['name' => $setting->name, 'value' => round($setting->heat->value, 2), 'deviation' => round($setting->heat->deviation, 2), 'batches' => $setting->heat->batches], $record->settings($this->uuid));
    }

    /** What its newest calibration found; null where nobody has timed it. */
    private function preheatSeconds(): ?float
    {
        $newest = KeptCalibration::query()->where('gear_id', $this->id)->latest('taken_at')->latest('id')->first();
        $seconds = $newest->answer['preheat_seconds'] ?? null;

        return is_numeric($seconds) ? (float) $seconds : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['diameter_millimetres' => 'float', 'width_millimetres' => 'float', 'depth_millimetres' => 'float', 'resolution_grams' => 'float', 'metal_millimetres' => 'float', 'burner_watts' => 'float', 'count' => 'integer', 'version' => 'integer'];
    }
}
