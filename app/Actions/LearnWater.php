<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\Kitchen;
use StoneMill\Learn\WaterLesson;
use StoneMill\Learn\WaterRecord;

/**
 * What the batches of a kitchen say of the water its bags take, but for those that a cook left out.
 *
 * @phpstan-import-type LessonRow from WaterLesson
 */
final class LearnWater
{
    private const SECONDS_IN_DAY = 86400;

    public function __invoke(Kitchen $kitchen): WaterRecord
    {
        $lessons = [];
        $batches = Batch::query()->where('kitchen_id', $kitchen->id)->whereNotNull('lesson')->where('lesson_left_out', 0)
            ->orderBy('started_at')->orderBy('id')->toBase()->get(['lesson', 'felt_by', 'started_at']);
        foreach ($batches as $batch) {
            /** @var object{lesson: string, felt_by: int|null, started_at: string} $batch */
            /** @var LessonRow $row */
            $row = json_decode($batch->lesson, true, 8, JSON_THROW_ON_ERROR);
            $cook = $batch->felt_by === null ? null : (string) $batch->felt_by;
            $lessons[] = WaterLesson::fromRow($row, $cook, intdiv((int) strtotime($batch->started_at), self::SECONDS_IN_DAY));
        }

        return new WaterRecord($lessons);
    }
}
