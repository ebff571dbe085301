<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use StoneMill\Kitchen\Bag;
use StoneMill\Kitchen\BagShelf;
use StoneMill\Learn\WaterRecord;
use StoneMill\Pantry\LotFacts;

/**
 * One bag of an ingredient, as bought and opened.
 *
 * @property int $id
 * @property string $uuid
 * @property int $kitchen_id
 * @property string $ingredient
 * @property string $label
 * @property bool $certified_gluten_free
 * @property int $version
 * @property string|null $bought_on
 * @property string|null $opened_on
 * @property string|null $emptied_on
 * @property float|null $price_per_kilogram in the money of the kitchen
 * @property float|null $bought_grams
 * @property bool $set_aside whether the cook does not want what was learned of it used
 * @property string|null $notes
 * @property string|null $archived_at
 * @property bool $starts_anew whether it comes from another mill than what its flour taught
 */
final class Lot extends Model
{
    protected $guarded = [];

    /**
     * @param Collection<int, self> $lots
     * @param WaterRecord|null $record where a plan is to know what was learned of them
     */
    public static function shelf(Collection $lots, ?WaterRecord $record = null): BagShelf
    {
        return new BagShelf(array_values($lots->map(static fn (self $lot): Bag => $lot->toBag($record))->all()));
    }

    private function toBag(?WaterRecord $record): Bag
    {
        return new Bag($this->uuid, $this->ingredient, $this->opened_on, $this->emptied_on, $this->id, $this->facts($record));
    }

    /** What a plan must know of it; what the cook has set aside is not known. */
    public function facts(?WaterRecord $record): LotFacts
    {
        return new LotFacts($this->certified_gluten_free, $this->price_per_kilogram, $this->set_aside ? null : $record?->bag($this->ingredient, $this->uuid));
    }

    /** @return Builder<self> those with something in them */
    public static function onShelf(Kitchen $kitchen): Builder
    {
        return self::query()->where('kitchen_id', $kitchen->id)->whereNull('archived_at')->whereNull('emptied_on');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['certified_gluten_free' => 'boolean', 'set_aside' => 'boolean', 'starts_anew' => 'boolean', 'version' => 'integer', 'price_per_kilogram' => 'float', 'bought_grams' => 'float'];
    }
}
