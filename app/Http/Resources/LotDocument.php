<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lot;
use StoneMill\Document\LearnDocument;
use StoneMill\Kitchen\BagContents;
use StoneMill\Learn\WaterRecord;
use StoneMill\Record\LogTime;

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
            'best_before' => $lot->best_before, 'is_past' => BagContents::isPast($lot->best_before, now()->format('Y-m-d')),
            'weighed_grams' => $lot->weighed_grams, 'weighed_at' => $lot->weighed_at === null ? null : LogTime::format($lot->weighed_at),
            'left_grams' => $lot->leftGrams(),
            'water' => LearnDocument::water($record, $lot->ingredient, $lot->uuid),
        ];
    }
}
