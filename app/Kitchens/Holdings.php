<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Actions\Learn;
use App\Models\Bread;
use App\Models\Gear;
use App\Models\Kitchen;
use App\Models\Lot;
use App\Models\OwnIngredient;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use StoneMill\Learn\KitchenRecord;

/** All that a kitchen has to choose from, read in as many questions however much it is. */
final readonly class Holdings
{
    /**
     * @param Collection<int, Bread> $breads each with the version that stands
     * @param Collection<int, Lot> $lots with what is left in them, the newest first
     * @param Collection<int, Gear> $gear each with its calibrations
     * @param Collection<int, User> $cooks
     * @param Collection<int, Trial> $trials that are not decided, each with its bread and how many batches were made
     * @param Collection<int, OwnIngredient> $own
     */
    private function __construct(
        public Kitchen $kitchen,
        public Collection $breads,
        public Collection $lots,
        public Collection $gear,
        public Collection $cooks,
        public Collection $trials,
        public Collection $own,
        public KitchenRecord $record,
    ) {
    }

    public static function of(Kitchen $kitchen): self
    {
        return new self(
            $kitchen,
            Bread::query()->with('newestRevision')->where('kitchen_id', $kitchen->id)->oldest('id')->get(),
            Lot::ofKitchen($kitchen)->latest('opened_on')->latest('id')->get(),
            Gear::query()->with('calibrations')->where('kitchen_id', $kitchen->id)->oldest('id')->get(),
            User::query()->where('kitchen_id', $kitchen->id)->oldest('id')->get(),
            Trial::query()->with(['bread', 'batches' => static fn (HasMany $batches): HasMany => $batches->select(['id', 'trial_id'])])
                ->where('kitchen_id', $kitchen->id)->whereNull('decided_at')->orderBy('id')->get(),
            OwnIngredient::query()->where('kitchen_id', $kitchen->id)->oldest('name')->get(),
            (new Learn)($kitchen),
        );
    }
}
