<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use StoneMill\Record\BatchState;

/** Which bags a batch was weighed from, as an index: so that the record is found again by bag, and a bag by its batches. */
final class BatchBags
{
    private const TABLE = 'batch_bags';

    /** Written in the transaction that writes the plan. */
    public static function keep(Batch $batch): void
    {
        DB::table(self::TABLE)->where('batch_id', $batch->id)->delete();
        DB::table(self::TABLE)->insert(array_map(static fn (array $bag): array => [
            ...$bag, 'is_flour' => $bag['is_flour'] ? 1 : 0, 'batch_id' => $batch->id, 'kitchen_id' => $batch->kitchen_id, 'started_at' => UtcMoment::kept($batch->started_at),
        ], $batch->state()->plan()->bags()));
        self::weigh($batch, $batch->state());
    }

    /** What was weighed from each, worked-in corrections too; written in the transaction that writes the log. */
    public static function weigh(Batch $batch, BatchState $state): void
    {
        foreach ($state->takenFromBags() as ['ingredient' => $ingredient, 'lot' => $lot, 'grams' => $grams]) {
            DB::table(self::TABLE)->where('batch_id', $batch->id)->where('ingredient', $ingredient)->where('lot', $lot)->where('grams', '!=', $grams)->update(['grams' => $grams]);
        }
    }
}
