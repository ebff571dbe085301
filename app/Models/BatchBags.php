<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

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
    }
}
