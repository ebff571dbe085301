<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\BatchBags;
use App\Models\LogEntry;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Record\BatchEvent as CoreEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\EventKind;
use StoneMill\Record\LogTime;

/** Appends what happened to a batch's log: all of it or none of it, and each event once however often it is sent. */
final class RecordEvents
{
    private const MOST_AT_ONCE = 200;

    public function __invoke(int $batchId, User $user, mixed $document): Recorded
    {
        $findings = new Findings;
        $body = Node::root($document, $findings)->object(['events', 'seen']);
        $seen = $body->at('seen')->optionalInteger(0, PHP_INT_MAX);
        $nodes = $body->at('events')->items(1, self::MOST_AT_ONCE);
        $events = array_map(static fn (Node $node): array => [$node, CoreEvent::read($node)->by((string) $user->id)], $nodes);
        $findings->refuseIfAny();

        return DB::transaction(static function () use ($batchId, $user, $events, $seen, $findings): Recorded {
            $batch = Batch::query()->findOrFail($batchId);
            $new = self::unheard($batch, $events);
            // What the asker knows is what the log had, and none of this was taken down before: then it need not be told again.
            $isKnown = $seen === $batch->event_count && count($new) === count($events);
            $before = self::before($batch, $new);
            $state = array_reduce($new, self::checked(...), $before);
            $findings->refuseIfAny();
            self::append($batch, $user, $state, array_column($new, 1));

            return new Recorded($batch, $isKnown ? $before : null, $isKnown ? $seen : null);
        });
    }

    /**
     * @param list<array{Node, CoreEvent}> $events
     * @return list<array{Node, CoreEvent}> those that the log does not have, each once
     */
    private static function unheard(Batch $batch, array $events): array
    {
        $ids = array_map(static fn (array $one): string => $one[1]->id, $events);
        $known = LogEntry::query()->where('batch_id', $batch->id)->whereIn('uuid', $ids)->get(['uuid'])->keyBy('uuid');
        $new = [];
        foreach ($events as $one) {
            if (! $known->has($one[1]->id)) {
                $new[$one[1]->id] ??= $one;
            }
        }

        return array_values($new);
    }

    /** @param list<array{Node, CoreEvent}> $new */
    private static function before(Batch $batch, array $new): BatchState
    {
        $undoes = array_filter($new, static fn (array $one): bool => $one[1]->kind === EventKind::Undone) !== [];

        return $undoes ? $batch->stateFromLog() : $batch->state();
    }

    /** @param array{Node, CoreEvent} $one */
    private static function checked(BatchState $state, array $one): BatchState
    {
        [$node, $event] = $one;
        $state->check($event, $node);

        return $state->with($event);
    }

    /**
     * What was found right already, in the transaction of whoever found it so.
     *
     * @param list<CoreEvent> $events
     */
    public static function append(Batch $batch, User $user, BatchState $state, array $events): void
    {
        if ($events === []) {
            return;
        }
        $now = LogTime::format(new DateTimeImmutable);
        LogEntry::query()->insert(array_map(
            static fn (CoreEvent $event): array => [...LogEntry::columns($event), 'batch_id' => $batch->id, 'user_id' => $user->id, 'recorded_at' => $now],
            $events,
        ));
        $batch->update([...$batch->columnsAfter($state), 'cooks' => Batch::withCook($batch->cooks, $user->id), 'event_count' => $batch->event_count + count($events)]);
        if (array_filter($events, static fn (CoreEvent $event): bool => in_array($event->kind, [EventKind::Measured, EventKind::ExtraWeighed, EventKind::Corrected, EventKind::Remedied, EventKind::Undone], true)) !== []) {
            BatchBags::weigh($batch, $state);
        }
    }
}
