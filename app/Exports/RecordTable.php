<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;
use Illuminate\Support\Facades\DB;

/** The batches of a kitchen with what came of them, the oldest first; discarded ones too, since they happened. */
final class RecordTable implements Table
{
    private const AT_ONCE = 200;

    public function heads(): array
    {
        return [
            'batch', 'started (UTC)', 'finished (UTC)', 'bread', 'version', 'pieces', 'piece (g)', 'planned water (% of flour)', 'water (% of flour)', 'water (°C)',
            'good', 'pliability', 'puff', 'first face (0 pale to 1 burnt)', 'second face (0 pale to 1 burnt)', 'cracks', 'sticking', 'pieces good', 'pieces second', 'pieces lost',
            'discarded', 'notes',
        ];
    }

    public function rows(Kitchen $kitchen): iterable
    {
        $batches = DB::table('batches')->join('formula_revisions', 'formula_revisions.id', '=', 'batches.formula_revision_id')->join('formulas', 'formulas.id', '=', 'formula_revisions.formula_id')
            ->leftJoin('verdicts', 'verdicts.batch_id', '=', 'batches.id')->where('batches.kitchen_id', $kitchen->id);
        $columns = ['batches.id', 'batches.uuid', 'started_at', 'finished_at', 'formulas.name', 'formula_revisions.number', 'summary', 'is_good', 'pliability', 'puff', 'shade_first', 'shade_second', 'cracks', 'sticking', 'pieces_good', 'pieces_second', 'pieces_lost', 'discarded_at', 'verdicts.notes'];
        foreach ($batches->select($columns)->lazyById(self::AT_ONCE, 'batches.id', 'id') as $batch) {
            /** @var object{uuid: string, started_at: string, finished_at: string|null, name: string, number: int, summary: string|null, is_good: int|null, pliability: string|null, puff: string|null, shade_first: float|null, shade_second: float|null, cracks: string|null, sticking: string|null, pieces_good: int|null, pieces_second: int|null, pieces_lost: int|null, discarded_at: string|null, notes: string|null} $batch */
            $summary = (array) json_decode($batch->summary ?? '{}', true, 32, JSON_THROW_ON_ERROR);
            $number = static fn (string $name): int|float|null => is_int($summary[$name] ?? null) || is_float($summary[$name] ?? null) ? $summary[$name] : null;
            yield [
                $batch->uuid, $batch->started_at, $batch->finished_at, $batch->name, $batch->number, $number('piece_count'), $number('piece_grams'), $number('planned_hydration_percent'), $number('hydration_percent'), $number('water_celsius'),
                $batch->is_good === null ? null : $batch->is_good === 1, $batch->pliability, $batch->puff, $batch->shade_first, $batch->shade_second, $batch->cracks, $batch->sticking, $batch->pieces_good, $batch->pieces_second, $batch->pieces_lost,
                $batch->discarded_at !== null, $batch->notes,
            ];
        }
    }
}
