<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use DateTimeZone;
use StoneMill\Line\RunSheet;

/** A batch as a list that can be taken along, by the clock of its serving time; without one, by when it was begun. */
final class WriteRunSheet
{
    public function __invoke(Batch $batch, DateTimeZone $zone): RunSheet
    {
        $plan = $batch->document();
        // A zone that was named knows when clocks are put forward in the middle of a rest; the offset of a serving time does not.
        $planned = $plan->line()->startsAt;
        $isNamed = $zone->getLocation() !== false;
        $starts = $planned !== null && ! $isNamed ? $planned : ($planned ?? $batch->started_at->toDateTimeImmutable())->setTimezone($zone);

        return RunSheet::of($batch->revision->formula->name, $plan->sheet(), $starts);
    }
}
