<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Batch;
use App\Models\BatchEvent;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Works out anew, from the logs, what stands beside each batch for lists and for the next entry. */
final class Rebuild extends Command
{
    private const AT_ONCE = 50;

    protected $signature = 'mill:rebuild';

    protected $description = 'Works out anew what stands beside each batch';

    public function handle(): int
    {
        $done = 0;
        Batch::query()->chunkById(self::AT_ONCE, static function (iterable $batches) use (&$done): void {
            DB::transaction(static function () use ($batches, &$done): void {
                /** @var Batch $batch */
                foreach ($batches as $batch) {
                    $batch->update([
                        ...Batch::columns($batch->stateFromLog(), $batch->plan),
                        'event_count' => BatchEvent::query()->where('batch_id', $batch->id)->count(),
                    ]);
                    $done++;
                }
            });
        });
        $this->line("$done batches are worked out anew.");

        return self::SUCCESS;
    }
}
