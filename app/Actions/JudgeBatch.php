<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use App\Models\KeptVerdict;
use App\Models\User;
use App\Problems\Conflict;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Record\Verdict as CoreVerdict;

/** Writes down what came out of a batch, which ends it; a later look can mend the words. */
final class JudgeBatch
{
    /**
     * @param array<mixed>|null $given
     * @param string|null $changeId the client's own: the same verdict sent again is given once
     */
    public function __invoke(int $batchId, User $user, int $version, ?array $given, ?string $changeId = null): Batch
    {
        return DB::transaction(static function () use ($batchId, $user, $version, $given, $changeId): Batch {
            $batch = Batch::query()->with(Batch::TOLD)->findOrFail($batchId);
            if ($changeId !== null && $batch->verdict?->change_id === $changeId) {
                return $batch;
            }
            $findings = new Findings;
            $said = Node::root(['verdict' => $given], $findings)->at('verdict');
            $verdict = $batch->trial?->in_halves === true ? CoreVerdict::readHalves($said, $batch->state()) : CoreVerdict::read($said, $batch->state());
            $findings->refuseIfAny();
            if ($batch->version !== $version) {
                throw Conflict::between('batch', $batch->version, $version, BatchDocument::of($batch), ['verdict' => $given]);
            }
            KeptVerdict::say($batch, $user, $verdict, $changeId);
            $batch->update([...$batch->columnsAfter($batch->state()), 'version' => $version + 1, 'finished_at' => $batch->finished_at ?? new DateTimeImmutable]);

            return $batch;
        });
    }
}
