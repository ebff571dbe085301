<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\UtcMoment;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;

/**
 * Takes a batch that was begun by mistake out of sight, or brings it back. Its log stays; what was baked or judged is no mistake any more, but one
 * that came out of a sheet may have been brought in by mistake.
 */
final class DiscardBatch
{
    /** @throws InvalidInput If bread of it was laid, or it was judged. */
    public function __invoke(int $batchId, bool $isDiscarded): Batch
    {
        return DB::transaction(static function () use ($batchId, $isDiscarded): Batch {
            $batch = Batch::query()->with(Batch::TOLD)->findOrFail($batchId);
            if ($isDiscarded && $batch->sheet_key === null && ($batch->verdict !== null || $batch->state()->griddle()->highestLaid() > 0)) {
                throw InvalidInput::at('discarded', 'Bread of this batch was baked or judged: it keeps its record. Leave it out of what is learned instead.', true, 'a batch of which nothing was laid or judged');
            }
            $batch->update(['discarded_at' => $isDiscarded ? $batch->discarded_at ?? UtcMoment::kept(new DateTimeImmutable) : null]);

            return $batch;
        });
    }
}
