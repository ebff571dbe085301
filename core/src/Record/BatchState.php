<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Node;

/** Where a batch stands: always derived from its plan and its events, never stored. */
final readonly class BatchState
{
    /** @param list<BatchEvent> $standing events that were not undone, in order */
    private function __construct(private PlannedBatch $plan, private array $standing)
    {
    }

    /** @param list<BatchEvent> $events in the order in which they were recorded */
    public static function of(PlannedBatch $plan, array $events): self
    {
        $undone = [];
        foreach ($events as $event) {
            if ($event->undoes !== null) {
                $undone[$event->undoes] = true;
            }
        }

        return new self($plan, array_values(array_filter(
            $events,
            static fn (BatchEvent $event): bool => $event->kind !== EventKind::Undone && ! isset($undone[$event->id]),
        )));
    }

    public function with(BatchEvent $event): self
    {
        return self::of($this->plan, [...$this->standing, $event]);
    }

    /** @return list<BatchEvent> events that were not undone, in order */
    public function standing(): array
    {
        return $this->standing;
    }

    public function bowl(): Bowl
    {
        return Bowl::after($this->plan, $this->standing);
    }

    public function portions(): PortionLog
    {
        return PortionLog::after($this->plan, $this->standing);
    }

    public function griddle(): GriddleLog
    {
        return GriddleLog::after($this->plan, $this->standing, $this->portions()->count);
    }

    /** Where the cook is: the stage last gone to. */
    public function stage(): Stage
    {
        return $this->last(EventKind::Entered)->stage ?? Stage::Choose;
    }

    public function hasBegun(): bool
    {
        return $this->first(EventKind::Poured) !== null;
    }

    /** Says at the node why an event cannot have happened in this state. */
    public function check(BatchEvent $event, Node $node): void
    {
        $griddle = $this->griddle();
        $portions = $this->portions();
        $piece = (int) $event->piece;
        match ($event->kind) {
            EventKind::Measured => $this->plan->has((string) $event->ingredient) ?: $node->at('ingredient')->refuse('This is not a line of the batch.', 'an ingredient of the plan'),
            EventKind::Portioned => match (true) {
                ! $portions->isSet() => $node->refuse('The bowl is not on the scale yet.', 'after scale_set'),
                $portions->left() < 1 => $node->refuse('All pieces are portioned.', sprintf('at most %d pieces', $portions->count)),
                $event->grams >= $portions->reading() => $node->at('grams')->refuse('The scale does not show less than before.', sprintf('less than %s g', $portions->reading())),
                default => null,
            },
            EventKind::Laid => match (true) {
                $piece > $portions->count => $node->at('piece')->refuse('There is no such piece.', sprintf('from 1 to %d', $portions->count)),
                $griddle->wasLaid($piece) => $node->at('piece')->refuse('This piece was laid already.', 'a piece that was not laid'),
                $event->place > $this->plan->places => $node->at('place')->refuse('There is no such place on the griddle.', sprintf('from 1 to %d', $this->plan->places)),
                $griddle->isPlaceTaken((int) $event->place) => $node->at('place')->refuse('Another piece lies there.', 'a free place'),
                default => null,
            },
            EventKind::Turned, EventKind::Lifted => match (true) {
                ! $griddle->isOn($piece) => $node->at('piece')->refuse('This piece is not on the griddle.', 'a piece that was laid and not lifted'),
                $event->kind === EventKind::Turned && $event->touch !== null && $griddle->touches($piece) >= $event->touch => $node->at('touch')->refuse('This was done already.', sprintf('touch %d comes next', $griddle->touches($piece) + 1)),
                default => null,
            },
            EventKind::CentreTaken => $griddle->isOn($piece) ?: $node->at('piece')->refuse('This piece is not on the griddle.', 'a piece that was laid and not lifted'),
            EventKind::Paused => $griddle->isPaused() ? $node->refuse('Work is paused already.', 'after resumed') : null,
            EventKind::Resumed => $griddle->isPaused() ? null : $node->refuse('Work is not paused.', 'after paused'),
            EventKind::ScaleSet, EventKind::Corrected => $this->with($event)->addsUp() ?: $node->at('pieces')->refuse('More pieces than that were laid or portioned already.', sprintf('at least %d', max($griddle->highestLaid(), $event->kind === EventKind::Corrected ? $portions->taken() : 0))),
            EventKind::Undone => $this->checkUndo($event, $node->at('event')),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $bowl = $this->bowl();
        $griddle = $this->griddle();
        $steps = $griddle->steps();

        return [
            'stage' => $this->stage()->value,
            'begun' => $this->hasBegun(),
            'bowl' => $bowl->toArray(),
            'feel_answers' => (new FeelAnswers($bowl, $this->plan))->all(),
            'rest' => $this->clock(EventKind::RestStarted, $this->plan->restSeconds),
            'portion' => $this->portions()->toArray(),
            'shape' => (new ShapeState($this->plan, $this->portions()->meanGrams() ?? $bowl->pieceGrams()))->toArray(),
            'griddle' => $griddle->withSteps($steps),
            'stack' => $this->clock(EventKind::Stacked, $this->plan->stackSeconds),
            'line' => (new LineState($this->plan, $griddle, $steps, $this->standing))->toArray(),
            'entered' => $this->entered(),
            'undoable' => $this->undoable(),
        ];
    }

    /** When all is served, if work goes on from the last entry as planned; null before the first. */
    public function readyAt(): ?DateTimeImmutable
    {
        $griddle = $this->griddle();

        return (new LineState($this->plan, $griddle, $griddle->steps(), $this->standing))->readyAt();
    }

    /** @return list<string> */
    private function entered(): array
    {
        $stages = [];
        foreach ($this->standing as $event) {
            if ($event->kind === EventKind::Entered && $event->stage !== null) {
                $stages[$event->stage->value] = true;
            }
        }

        return array_keys($stages);
    }

    /** The last event worth undoing; moving between stages is not. */
    private function undoable(): ?string
    {
        foreach (array_reverse($this->standing) as $event) {
            if ($event->kind !== EventKind::Entered) {
                return $event->id;
            }
        }

        return null;
    }

    /** Another tablet may have gone on meanwhile: what was built on an entry since may not lose its ground. */
    private function checkUndo(BatchEvent $event, Node $node): void
    {
        if (! $this->stands((string) $event->undoes)) {
            $node->refuse('There is no such event to undo.', 'an event of this batch that was not undone');
        } elseif (! $this->with($event)->addsUp()) {
            $node->refuse('What was entered since builds on it.', 'an entry on which nothing was built since');
        }
    }

    /** Whether no more pieces were taken than there are, and no two lie in one place. */
    private function addsUp(): bool
    {
        return $this->portions()->left() >= 0 && $this->griddle()->addsUp();
    }

    private function stands(string $id): bool
    {
        return array_filter($this->standing, static fn (BatchEvent $event): bool => $event->id === $id) !== [];
    }

    /** @return array{started_at: string|null, ends_at: string|null, seconds: int} */
    private function clock(EventKind $kind, int $seconds): array
    {
        $started = $this->last($kind)?->at;

        return [
            'started_at' => $started === null ? null : Moment::format($started),
            'ends_at' => $started === null ? null : Moment::format(Moment::later($started, $seconds)),
            'seconds' => $seconds,
        ];
    }

    private function first(EventKind $kind): ?BatchEvent
    {
        return array_values(array_filter($this->standing, static fn (BatchEvent $event): bool => $event->kind === $kind))[0] ?? null;
    }

    private function last(EventKind $kind): ?BatchEvent
    {
        $found = array_values(array_filter($this->standing, static fn (BatchEvent $event): bool => $event->kind === $kind));

        return $found === [] ? null : $found[count($found) - 1];
    }
}
