<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lot;
use StoneMill\Ask\LearnDesk;
use StoneMill\Learn\WaterRecord;

/** One bag as the larder shows it. */
final class LotDocument
{
    /** @return array<string, mixed> */
    public static function of(Lot $lot, WaterRecord $record): array
    {
        return [
            'id' => $lot->uuid, 'version' => $lot->version, 'ingredient' => $lot->ingredient, 'label' => $lot->label,
            'certified_gluten_free' => $lot->certified_gluten_free,
            'bought_on' => $lot->bought_on, 'opened_on' => $lot->opened_on, 'emptied_on' => $lot->emptied_on,
            'price_per_kg' => $lot->price_per_kilogram, 'grams' => $lot->bought_grams, 'notes' => $lot->notes,
            'set_aside' => $lot->set_aside, 'starts_anew' => $lot->starts_anew, 'archived' => $lot->archived_at !== null,
            'water' => LearnDesk::water($record, $lot->ingredient, $lot->uuid),
        ];
    }
}
