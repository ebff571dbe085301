<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use DateTimeImmutable;
use DateTimeZone;
use StoneMill\Line\RunSheet;

/**
 * A batch as a list that can be taken along, by the clock of its serving time; without one, by when it was begun.
 *
 * @phpstan-import-type SheetPlan from RunSheet
 */
final class WriteRunSheet
{
    public function __invoke(Batch $batch, DateTimeZone $zone): RunSheet
    {
        /** @var SheetPlan $plan */
        $plan = $batch->plan;
        $starts = $plan['line']['starts_at'] === null ? $batch->started_at->toDateTimeImmutable()->setTimezone($zone) : new DateTimeImmutable($plan['line']['starts_at']);

        return RunSheet::of($batch->revision->formula->name, $plan, $starts);
    }
}
