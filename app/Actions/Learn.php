<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KeptCalibration;
use App\Models\Kitchen;
use App\Models\Lot;
use App\Models\UtcMoment;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Row;
use StoneMill\Learn\BatchLesson;
use StoneMill\Learn\CalibratedSetting;
use StoneMill\Learn\KitchenRecord;

/**
 * What the batches of a kitchen teach, but for those that a cook left out or discarded. However many there are, so many are read as can still
 * say something: the latest of each flour, and the latest of all.
 */
final class Learn
{
    /** Older ones of one flour are behind a drift of many months, or add little to so many. */
    private const OF_A_FLOUR = 40;

    private const OF_ALL = 120;

    /** As the indices say it. A batch that was begun and never worked on has no lesson, and takes no other's place. */
    private const TELLS = 'lesson IS NOT NULL AND lesson_left_out = 0 AND discarded_at IS NULL';

    public function __invoke(Kitchen $kitchen): KitchenRecord
    {
        return new KitchenRecord($this->lessons($kitchen), self::calibrations($kitchen), $kitchen->set_aside, self::anew($kitchen));
    }

    /** @return list<BatchLesson> */
    private function lessons(Kitchen $kitchen): array
    {
        // The index holds all that is asked; the rows hold the plans too.
        $rows = DB::table(DB::raw('batches INDEXED BY batches_lessons'))->whereIntegerInRaw('id', $this->telling($kitchen))->whereRaw(self::TELLS)
            ->orderBy('started_at')->orderBy('id')->get(['lesson', 'started_at']);

        return array_values($rows->map(static function (object $found): BatchLesson {
            $batch = Row::of($found, 'batches');

            return BatchLesson::kept($batch->text('lesson'), UtcMoment::dayOf($batch->text('started_at')));
        })->all());
    }

    /** @return list<int> the rows of batches that are read */
    private function telling(Kitchen $kitchen): array
    {
        $latest = DB::table(DB::raw('batches INDEXED BY batches_telling'))->where('kitchen_id', $kitchen->id)->whereRaw(self::TELLS)
            ->orderByDesc('started_at')->limit(self::OF_ALL)->pluck('id');
        foreach (self::flours($kitchen) as $flour) {
            $latest = $latest->concat(DB::table('batch_bags')->where('kitchen_id', $kitchen->id)->where('is_flour', 1)->where('ingredient', $flour)
                ->whereRaw('EXISTS (SELECT 1 FROM batches INDEXED BY batches_lessons WHERE id = batch_id AND '.self::TELLS.')')
                ->orderByDesc('started_at')->limit(self::OF_A_FLOUR)->pluck('batch_id'));
        }

        return array_values(array_filter($latest->unique()->all(), is_int(...)));
    }

    /** @return list<string> that were ever baked with, found by leaps along the index instead of by reading every bag of every batch */
    private static function flours(Kitchen $kitchen): array
    {
        $flours = [];
        $next = static fn (string $after): mixed => DB::table('batch_bags')->where('kitchen_id', $kitchen->id)->where('is_flour', 1)->where('ingredient', '>', $after)->min('ingredient');
        for ($flour = $next(''); is_string($flour); $flour = $next($flour)) {
            $flours[] = $flour;
        }

        return $flours;
    }

    /** @return list<string> */
    private static function anew(Kitchen $kitchen): array
    {
        return array_values(array_filter(Lot::query()->where('kitchen_id', $kitchen->id)->where('starts_anew', 1)->pluck('uuid')->all(), is_string(...)));
    }

    /** @return list<CalibratedSetting> */
    private static function calibrations(Kitchen $kitchen): array
    {
        return array_values(KeptCalibration::query()->join('gear', 'gear.id', '=', 'calibrations.gear_id')->where('gear.kitchen_id', $kitchen->id)
            ->orderBy('taken_at')->orderBy('calibrations.id')->get(['calibrations.*', 'gear.uuid as griddle'])
            ->map(static fn (KeptCalibration $one): CalibratedSetting => $one->toSetting())->all());
    }
}
