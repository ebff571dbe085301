<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lot;
use StoneMill\Learn\WaterRecord;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\LearnedWater;

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
            'set_aside' => $lot->set_aside,
            'water' => self::water($lot, $record),
        ];
    }

    /** @return array<string, mixed>|null what was learned of the water it takes, and how it settled */
    private static function water(Lot $lot, WaterRecord $record): ?array
    {
        $known = $record->bag($lot->ingredient, $lot->uuid);
        if ($known === null) {
            return null;
        }

        return [
            ...self::known($known),
            'words' => 'This bag '.$known->inWords(),
            'more_until_half' => $record->batchesUntilHalf($known),
            'settling' => array_map(static fn (array $step): array => [
                'points' => round($step['points'], 2), 'reach' => round(Spread::DECILE_DEVIATIONS * $step['deviation'], 2), 'known' => self::known($step['known']),
            ], $record->settling($lot->ingredient, $lot->uuid)),
        ];
    }

    /** @return array{points: float, deviation: float, batches: int, low: float, high: float} */
    private static function known(LearnedWater $known): array
    {
        $reach = Spread::DECILE_DEVIATIONS * $known->deviation;

        return [...$known->toRequest(), 'low' => round($known->points - $reach, 2), 'high' => round($known->points + $reach, 2)];
    }
}
