<?php

declare(strict_types=1);

namespace StoneMill\Record;

/**
 * How quick a cook's hands are, told from the logs of earlier batches. Only what was done one after the other with nothing
 * between counts, and not what was done after a pause: two pieces off the scale, two pieces laid on free places.
 */
final class PaceRecord
{
    /** With fewer than this the planning default is better. */
    private const LEAST_SAMPLES = 6;

    /** Somebody who takes longer was doing something else. */
    private const MOST_SECONDS = ['portion' => 60.0, 'shape' => 180.0];

    /** Two entries closer than this were typed, not worked. */
    private const LEAST_SECONDS = 2.0;

    /** Of the time from one piece laid to the next, so much is laying. */
    private const LAY_SECONDS = 4.0;

    /**
     * @param list<list<BatchEvent>> $batches events that stand, in order
     * @return array<string, float> seconds by task, where there is enough to tell
     */
    public static function of(array $batches): array
    {
        $gaps = ['portion' => [], 'shape' => []];
        foreach ($batches as $events) {
            foreach ($events as $index => $event) {
                $before = $events[$index - 1] ?? null;
                $task = match ($event->kind) {
                    EventKind::Portioned => 'portion',
                    EventKind::Laid => 'shape',
                    default => null,
                };
                if ($task === null || $before?->kind !== $event->kind) {
                    continue;
                }
                $seconds = Moment::between($before->at, $event->at) - ($task === 'shape' ? self::LAY_SECONDS : 0.0);
                if ($seconds >= self::LEAST_SECONDS && $seconds <= self::MOST_SECONDS[$task]) {
                    $gaps[$task][] = $seconds;
                }
            }
        }

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
