<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Kitchen;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Row;

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
        foreach ($batches->select($columns)->lazyById(self::AT_ONCE, 'batches.id', 'id') as $found) {
            $batch = Row::of($found, 'batches');
            $summary = Row::ofJson($batch->optionalText('summary') ?? '{}', 'summary');
            yield [
                $batch->text('uuid'), $batch->text('started_at'), $batch->optionalText('finished_at'), $batch->text('name'), $batch->whole('number'), $summary->optionalWhole('piece_count'), $summary->optionalNumber('piece_grams'), $summary->optionalNumber('planned_hydration_percent'), $summary->optionalNumber('hydration_percent'), $summary->optionalNumber('water_celsius'),
                $batch->optionalTruth('is_good'), $batch->optionalText('pliability'), $batch->optionalText('puff'), $batch->optionalNumber('shade_first'), $batch->optionalNumber('shade_second'), $batch->optionalText('cracks'), $batch->optionalText('sticking'), $batch->optionalWhole('pieces_good'), $batch->optionalWhole('pieces_second'), $batch->optionalWhole('pieces_lost'),
                $batch->has('discarded_at'), $batch->optionalText('notes'),
            ];
        }
    }
}
