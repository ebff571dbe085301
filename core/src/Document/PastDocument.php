<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Kitchen\PastEntry;
use StoneMill\Reading\ReadPast;
use StoneMill\Record\LogTime;

/** A batch of long ago as it was read from a sheet. */
final class PastDocument
{
    /**
     * @param array<string, string> $breads of the kitchen: names by their identifiers
     * @return array<string, mixed>
     */
    public static function json(ReadPast $read, array $breads): array
    {
        $batch = $read->batch;

        return [
            'row' => $read->row,
            'said' => $read->said,
            'bread' => $read->bread,
            'choices' => array_map(static fn (string $id): array => ['id' => $id, 'name' => $breads[$id]], $read->choices),
            'doubts' => $read->doubts,
            'batch' => $batch === null ? null : [
                'key' => $batch->key,
                'at' => LogTime::format($batch->at),
                'flour_grams' => self::rounded($batch->flourGrams),
                'water_grams' => self::rounded($batch->waterGrams),
                'hydration_percent' => self::rounded($batch->hydrationPercent),
                'water_celsius' => $batch->waterCelsius,
                'pieces' => $batch->pieces,
                'felt' => $batch->felt?->value,
                'weighed' => array_map(self::entry(...), $batch->weighed),
                'verdict' => $batch->verdict === null ? null : (new VerdictDocument($batch->verdict))->json(),
                'notes' => $batch->notes,
            ],
        ];
    }

    /** @return array<string, string|float> */
    private static function entry(PastEntry $entry): array
    {
        return array_filter([
            'kind' => $entry->kind->value,
            'at' => LogTime::format($entry->at),
            'ingredient' => $entry->ingredient,
            'grams' => self::rounded($entry->grams),
            'water_grams' => self::rounded($entry->waterGrams),
            'flour_grams' => self::rounded($entry->flourGrams),
            'celsius' => $entry->celsius,
            'grade' => $entry->grade?->value,
        ], static fn (string|float|null $told): bool => $told !== null);
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 2);
    }
}
