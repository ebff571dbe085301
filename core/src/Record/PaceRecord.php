<?php

declare(strict_types=1);

namespace StoneMill\Record;

/** How quick a cook's hands are, told from what earlier batches add up to. */
final class PaceRecord
{
    /** With fewer than this the planning default is better. */
    private const LEAST_SAMPLES = 6;

    /**
     * @param list<PaceTally> $batches
     * @return array<string, float> seconds by task, where there is enough to tell
     */
    public static function of(array $batches): array
    {
        $gaps = [
            'portion' => array_merge(...array_map(static fn (PaceTally $pace): array => $pace->portionSeconds, $batches)),
            'shape' => array_merge(...array_map(static fn (PaceTally $pace): array => $pace->shapeSeconds, $batches)),
        ];

        return array_map(self::median(...), array_filter($gaps, static fn (array $seconds): bool => count($seconds) >= self::LEAST_SAMPLES));
    }

    /** @param non-empty-list<float> $seconds */
    private static function median(array $seconds): float
    {
        sort($seconds);
        $middle = intdiv(count($seconds), 2);

        return round(count($seconds) % 2 === 1 ? $seconds[$middle] : ($seconds[$middle - 1] + $seconds[$middle]) / 2, 1);
    }
}
