<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\Bread;
use App\Models\BreadRevision;
use App\Models\KeptVerdict;
use App\Models\Kitchen;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Kitchen\PastBatch;
use StoneMill\Record\LogTime;

/** Keeps a batch that was made before the house was there, out of its cook's own sheet: all of it or nothing, and the same one once. */
final readonly class KeepPastBatch
{
    public function __construct(private StartBatch $start)
    {
    }

    /**
     * @return array{Batch, bool} the batch, and whether it is new in the record
     *
     * @throws InvalidInput If it lies ahead, or the bread cannot be planned so.
     */
    public function __invoke(Kitchen $kitchen, Bread $bread, PastBatch $past, User $cook): array
    {
        if ($past->at > new DateTimeImmutable) {
            throw InvalidInput::at('at', 'This lies ahead: it cannot have been made.', LogTime::format($past->at), 'a moment that is over');
        }
        $id = $past->idIn((string) $kitchen->id);
        $known = $this->known($kitchen, [$id, $past->key]);
        if ($known !== null) {
            return [$known, $this->bringBack($known)];
        }
        $revision = BreadRevision::query()->where('formula_id', $bread->id)->latest('number')->firstOrFail();
        $batch = $this->start->prepared($kitchen, $bread, $id, $past->at, $cook, ['revision' => $revision->number, 'request' => $past->request($revision->given())]);

        return DB::transaction(function () use ($batch, $past, $cook): array {
            $kept = $this->start->keep($batch->fill(['sheet_key' => $past->key, 'finished_at' => $past->at]));
            // Whoever sent the same a moment before has brought it in.
            $isNew = $kept === $batch;
            if ($isNew) {
                $this->tell($batch, $past, $cook);
            }

            return [$kept, $isNew];
        });
    }

    /**
     * The batch that goes by one of these here; a sheet may be a house's own, and name its batches as the house does.
     *
     * @param list<string> $uuids
     */
    private function known(Kitchen $kitchen, array $uuids): ?Batch
    {
        return Batch::query()->where('kitchen_id', $kitchen->id)->whereIn('uuid', $uuids)->first();
    }

    /** One that was taken back comes back; it is new in the record then. */
    private function bringBack(Batch $batch): bool
    {
        $wasGone = $batch->discarded_at !== null && $batch->sheet_key !== null;
        if ($wasGone) {
            $batch->update(['discarded_at' => null]);
        }

        return $wasGone;
    }

    private function tell(Batch $batch, PastBatch $past, User $cook): void
    {
        $findings = new Findings;
        $node = Node::root([], $findings)->at('weighed');
        $state = $batch->state();
        $events = [];
        foreach ($past->events($batch->uuid, $state->plan()) as $event) {
            $state->check($event, $node);
            $events[] = $event->by((string) $cook->id);
            $state = $state->with($events[array_key_last($events)]);
        }
        $findings->refuseIfAny();
        if ($past->verdict !== null) {
            KeptVerdict::say($batch, $cook, $past->verdict);
        }
        // What stands beside the batch goes with the log, and by itself where there is none.
        $events === [] ? $batch->update($batch->columnsAfter($state)) : RecordEvents::append($batch, $cook, $state, $events);
    }
}
