<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use StoneMill\Kitchen\Bag;
use StoneMill\Kitchen\BagContents;
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
 * @property string|null $best_before day
 * @property float|null $weighed_grams what was in it when it was weighed last
 * @property CarbonImmutable|null $weighed_at
 * @property float $used_grams what batches weighed from it since; where it was asked for with `ofKitchen`
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

    /** @return Builder<self> all of a kitchen, with what was taken from each since it was bought or last weighed */
    public static function ofKitchen(Kitchen $kitchen): Builder
    {
        $used = DB::table('batch_bags')->selectRaw('COALESCE(SUM(batch_bags.grams), 0)')
            ->whereColumn('batch_bags.kitchen_id', 'lots.kitchen_id')->whereColumn('batch_bags.lot', 'lots.uuid')
            ->whereRaw("batch_bags.started_at > COALESCE(lots.weighed_at, '')");

        return self::query()->select('lots.*')->selectSub($used, 'used_grams')->where('lots.kitchen_id', $kitchen->id);
    }

    /** Null where nobody said what was in it; nothing where it was emptied. */
    public function leftGrams(): ?float
    {
        return $this->emptied_on !== null ? 0.0 : BagContents::left($this->weighed_grams ?? $this->bought_grams, $this->used_grams);
    }

    private function toBag(?WaterRecord $record): Bag
    {
        return new Bag($this->uuid, $this->ingredient, $this->opened_on, $this->emptied_on, $this->id, $this->facts($record));
    }

    /** What a plan must know of it; what the cook has set aside is not known. */
    public function facts(?WaterRecord $record): LotFacts
    {
        return new LotFacts($this->certified_gluten_free, $this->price_per_kilogram, $this->set_aside ? null : $record?->bag($this->ingredient, $this->uuid), $this->leftGrams());
    }

    /** @return Builder<self> those with something in them */
    public static function onShelf(Kitchen $kitchen): Builder
    {
        return self::ofKitchen($kitchen)->whereNull('archived_at')->whereNull('emptied_on');
    }

    /** @return array<string, string> what the bags with something in them are called, by identifier, the oldest first */
    public static function labelsOnShelf(Kitchen $kitchen): array
    {
        return self::onShelf($kitchen)->oldest('id')->get()->mapWithKeys(static fn (self $bag): array => [$bag->uuid => $bag->label])->all();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['certified_gluten_free' => 'boolean', 'set_aside' => 'boolean', 'starts_anew' => 'boolean', 'version' => 'integer', 'price_per_kilogram' => 'float', 'bought_grams' => 'float', 'weighed_grams' => 'float', 'used_grams' => 'float', 'weighed_at' => UtcMoment::class];
    }
}
