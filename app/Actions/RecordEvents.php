<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\BatchEvent;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Record\BatchEvent as CoreEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\Moment;

/** Appends what happened to a batch's log: all of it or none of it, and each event once however often it is sent. */
final class RecordEvents
{
    private const MOST_AT_ONCE = 200;

    public function __invoke(int $batchId, User $user, mixed $document): Batch
    {
        $findings = new Findings;
        $nodes = Node::root($document, $findings)->object(['events'])->at('events')->items(1, self::MOST_AT_ONCE);
        $events = array_map(static fn (Node $node): array => [$node, CoreEvent::read($node)], $nodes);
        $findings->refuseIfAny();

        return DB::transaction(static function () use ($batchId, $user, $events, $findings): Batch {
            $batch = Batch::query()->with(['events', 'verdict', 'revision.formula'])->findOrFail($batchId);
            $state = $batch->state();
            $known = array_flip($batch->events->pluck('uuid')->all());
            $rows = [];
            foreach ($events as [$node, $event]) {
                if (isset($known[$event->id])) {
                    continue;
                }
                $known[$event->id] = true;
                $state = self::checked($state, $event, $node);
                $rows[] = $event;
            }
            $findings->refuseIfAny();
            self::append($batch, $user, $rows);

            return $batch->load('events');
        });
    }

    private static function checked(BatchState $state, CoreEvent $event, Node $node): BatchState
    {
        $state->check($event, $node);

        return $state->with($event);
    }

    /** @param list<CoreEvent> $events */
    private static function append(Batch $batch, User $user, array $events): void
    {
        $now = Moment::format(new DateTimeImmutable);
        BatchEvent::query()->insert(array_map(
            static fn (CoreEvent $event): array => [...BatchEvent::columns($event), 'batch_id' => $batch->id, 'user_id' => $user->id, 'recorded_at' => $now],
            $events,
        ));
    }
}
