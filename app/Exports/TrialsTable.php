<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;
use App\Models\Trial;
use App\Models\UtcMoment;

/** The batches of each trial with the level that each had; what its cook is kept from knowing until it is judged stays empty until then. */
final class TrialsTable implements Table
{
    public function heads(): array
    {
        return ['trial', 'question', 'factor', 'judged by', 'batch', 'started (UTC)', 'level', 'set to', 'good', 'left out'];
    }

    public function rows(Kitchen $kitchen): iterable
    {
        foreach (Trial::query()->with('batches:id,uuid,trial_id,trial_level,is_good,lesson_left_out,started_at')->where('kitchen_id', $kitchen->id)->orderBy('id')->get() as $trial) {
            foreach ($trial->batches as $batch) {
                $level = $trial->is_blind && $batch->is_good === null ? null : $batch->trial_level;
                yield [
                    $trial->uuid, $trial->question, $trial->factor, $trial->judged, $batch->uuid, UtcMoment::kept($batch->started_at),
                    $level === null ? null : $level + 1, $level === null ? null : ($trial->names[$level] ?? $trial->levels[$level] ?? null), $batch->is_good, $batch->lesson_left_out,
                ];
            }
        }
    }
}
