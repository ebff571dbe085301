<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Metal;
use StoneMill\Kitchen\Tool;
use StoneMill\Kitchen\ToolAtHand;
use StoneMill\Kitchen\ToolKind;
use StoneMill\Kitchen\Tools;
use StoneMill\Learn\KitchenRecord;
use StoneMill\Shape\PlateShape;

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
 * @property Collection<int, KeptCalibration> $calibrations
 *
 * @phpstan-import-type Told from Tool
 */
final class Gear extends Model
{
    protected $table = 'gear';

    protected $guarded = [];

    /** @return HasMany<KeptCalibration, $this> the oldest first */
    public function calibrations(): HasMany
    {
        $calibrations = $this->hasMany(KeptCalibration::class);
        $calibrations->oldest('taken_at')->oldest('id');

        return $calibrations;
    }

    /** The tools of a kitchen in the order in which they came in, griddles with what the record says of their settings. */
    public static function toolsOf(Kitchen $kitchen, KitchenRecord $record, User $cook): Tools
    {
        $standing = self::query()->with('calibrations')->where('kitchen_id', $kitchen->id)->whereNull('archived_at')->oldest('id')->get();

        return new Tools(
            array_values($standing->map(static fn (self $one): ToolAtHand => new ToolAtHand(ToolKind::from($one->kind), $one->uuid, $one->told($record)))->all()),
            array_filter($cook->measuresIn($kitchen), static fn (?string $set): bool => $set !== null),
        );
    }

    /**
     * This tool as a plan request names it, a griddle with what the record says of its settings.
     *
     * @return Told
     */
    public function told(KitchenRecord $record): array
    {
        return $this->tool()->told($this->uuid, $this->preheatSeconds(), $record->settings($this->uuid));
    }

    /** @return array<string, string|float|int|null> its columns */
    public static function columns(Tool $tool): array
    {
        return [
            'kind' => $tool->kind->value,
            'shape' => $tool->shape?->value,
            'diameter_millimetres' => $tool->diameterMillimetres,
            'width_millimetres' => $tool->widthMillimetres,
            'depth_millimetres' => $tool->depthMillimetres,
            'resolution_grams' => $tool->resolutionGrams,
            'count' => $tool->count,
            'metal' => $tool->metal?->value,
            'metal_millimetres' => $tool->metalMillimetres,
            'burner' => $tool->burner?->value,
            'burner_watts' => $tool->burnerWatts,
        ];
    }

    private function tool(): Tool
    {
        return new Tool(
            ToolKind::from($this->kind),
            PlateShape::tryFrom($this->shape ?? ''),
            $this->diameter_millimetres,
            $this->width_millimetres,
            $this->depth_millimetres,
            $this->resolution_grams,
            $this->count,
            Metal::tryFrom($this->metal ?? ''),
            $this->metal_millimetres,
            Burner::tryFrom($this->burner ?? ''),
            $this->burner_watts,
        );
    }

    /** What its newest calibration found; null where nobody has timed it. */
    private function preheatSeconds(): ?float
    {
        if ($this->kind !== ToolKind::Griddle->value) {
            return null;
        }
        $seconds = $this->calibrations->last()->answer['preheat_seconds'] ?? null;

        return is_numeric($seconds) ? (float) $seconds : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['diameter_millimetres' => 'float', 'width_millimetres' => 'float', 'depth_millimetres' => 'float', 'resolution_grams' => 'float', 'metal_millimetres' => 'float', 'burner_watts' => 'float', 'count' => 'integer', 'version' => 'integer'];
    }
}
