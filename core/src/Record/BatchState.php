<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Node;
use StoneMill\Line\Step;
use StoneMill\Record\Exception\LogNeeded;
use StoneMill\School\Stage;

/** Where a batch stands: always derived from its plan and its log. */
final readonly class BatchState
{
    /** @param list<BatchEvent>|null $standing events that were not undone, in order; null where only what they add up to is at hand */
    private function __construct(private PlannedBatch $plan, private Tally $tally, private ?array $standing)
    {
    }

    /** @param list<BatchEvent> $events in the order in which they were recorded */
    public static function of(PlannedBatch $plan, array $events): self
    {
        $undone = [];
        foreach ($events as $event) {
            if ($event->kind === EventKind::Undone) {
                $undone[(string) $event->undoes] = true;
            }
        }
        $standing = array_values(array_filter($events, static fn (BatchEvent $event): bool => $event->kind !== EventKind::Undone && ! isset($undone[$event->id])));

        return new self($plan, Tally::of($standing), $standing);
    }

    /** As it was carried forward, without the log: anything can be added to it but an undo. */
    public static function carried(PlannedBatch $plan, Tally $tally): self
    {
        return new self($plan, $tally, null);
    }

    /** @throws LogNeeded If this is an undo and the log is not at hand. */
    public function with(BatchEvent $event): self
    {
        if ($event->kind !== EventKind::Undone) {
            return new self($this->plan, $this->tally->with($event), $this->standing === null ? null : [...$this->standing, $event]);
        }

        return self::of($this->plan, [...$this->log(), $event]);
    }

    public function plan(): PlannedBatch
    {
        return $this->plan;
    }

    /** @return list<string> the latest notes, in words */
    public function noteTexts(): array
    {
        return array_map(static fn (Note $note): string => $note->text, $this->tally->course->notes);
    }

    public function tally(): Tally
    {
        return $this->tally;
    }

    public function bowl(): Bowl
    {
        return Bowl::of($this->plan, $this->tally->bowl);
    }

    public function extras(): ExtrasState
    {
        return new ExtrasState($this->plan, $this->tally->extras, $this->portions()->count);
    }

    /** @return list<array{ingredient: string, lot: string|null, grams: float}> what went out of which bag, into the dough or beside it */
    public function takenFromBags(): array
    {
        $taken = [];
        $lines = array_map(static fn (BowlLine $line): array => ['ingredient' => $line->planned->ingredient, 'lot' => $line->planned->lot, 'grams' => round($line->grams, 4)], $this->bowl()->lines());
        foreach ([...$lines, ...$this->extras()->taken()] as $one) {
            $key = $one['ingredient'].' '.$one['lot'];
            $taken[$key] = [...$one, 'grams' => ($taken[$key]['grams'] ?? 0.0) + $one['grams']];
        }

        return array_values($taken);
    }

    public function portions(): PortionLog
    {
        return PortionLog::of($this->plan, $this->tally->scale);
    }

    public function griddle(): GriddleLog
    {
        return GriddleLog::of($this->plan, $this->tally->griddle, $this->portions()->count);
    }

    public function oven(): OvenLog
    {
        return OvenLog::of($this->plan, $this->tally->griddle);
    }

    /** What never came from the bowl to the scale, as a share of the dough; null where the dough or its weight is not known. */
    public function bowlLossShare(): ?float
    {
        $weighed = $this->portions()->startGrams();
        $bowl = $this->bowl();
        if ($weighed === null || ! $bowl->isWhole()) {
            return null;
        }
        $mixed = $bowl->doughGrams();

        // A weight that only repeats the plan was not weighed.
        return $mixed <= 0 || abs($weighed - $mixed * $this->plan->keptShare) <= $this->plan->resolutionGrams ? null : 1 - $weighed / $mixed;
    }

    /** @return list<float> of each disc that was measured, its thickness over the wished, whatever the record made of that: at one weight it goes with the inverse square of the width */
    public function discThicknessRatios(): array
    {
        $wide = $this->shape()->diameterMillimetres();

        return array_map(fn (float $millimetres): float => $this->plan->movedThickness * ($wide / $millimetres) ** 2, $this->tally->scale->discMillimetres);
    }

    /** Weight that the pieces lost on the griddle, in %, where all of them were weighed after; null where they were not. */
    public function stackLossPercent(): ?float
    {
        $stack = $this->tally->scale->stackGrams;
        $laid = $this->griddle()->lifted() * ($this->portions()->meanGrams() ?? $this->bowl()->pieceGrams());

        return $stack === null || $laid <= 0 || $stack >= $laid ? null : 100 * (1 - $stack / $laid);
    }

    /** Where the cook is: the stage last gone to. */
    public function stage(): Stage
    {
        return $this->tally->course->stage ?? Stage::Choose;
    }

    public function hasBegun(): bool
    {
        return $this->tally->course->startedAt(EventKind::Poured) !== null;
    }

    /** Says at the node why an event cannot have happened in this state. */
    public function check(BatchEvent $event, Node $node): void
    {
        $griddle = $this->griddle();
        $portions = $this->portions();
        $piece = (int) $event->piece;
        match ($event->kind) {
            EventKind::Measured => $this->plan->has((string) $event->ingredient) ?: $node->at('ingredient')->refuse('This is not a line of the batch.', 'an ingredient of the plan'),
            EventKind::StepBegun, EventKind::StepDone => in_array($event->step, array_column($this->plan->steps, 'id'), true) ?: $node->at('step')->refuse('There is no such step in this batch.', 'a step of the plan'),
            EventKind::ExtraWeighed => $event->extra === null || $this->extras()->has($event->extra, (string) $event->ingredient) ?: $node->at('ingredient')->refuse('This does not stand beside the dough of this batch.', 'an ingredient of the plan, at its place'),
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
            EventKind::Turned, EventKind::Wetted, EventKind::Brushed, EventKind::Pressed, EventKind::Lifted => match (true) {
                ! $griddle->isOn($piece) => $node->at('piece')->refuse('This piece is not on the griddle.', 'a piece that was laid and not lifted'),
                $event->kind !== EventKind::Lifted && $event->touch !== null && $griddle->touches($piece) >= $event->touch => $node->at('touch')->refuse('This was done already.', sprintf('touch %d comes next', $griddle->touches($piece) + 1)),
                $event->touch !== null && $event->kind->action() !== null && $event->kind->action() !== $this->plan->actionOf($event->touch) => $node->at('touch')->refuse('The plan has something else there.', 'a touch of that kind, or none where it is done on the side'),
                default => null,
            },
            EventKind::GrowthSeen => $this->plan->rises() && $this->tally->course->startedAt(EventKind::RestStarted) !== null ?: $node->refuse('Nothing is rising.', 'a raised dough, after rest_started'),
            EventKind::SignSeen, EventKind::CentreTaken => $griddle->isOn($piece) ?: $node->at('piece')->refuse('This piece is not on the griddle.', 'a piece that was laid and not lifted'),
            EventKind::OvenIn => match (true) {
                ! $this->oven()->isUsed() => $node->refuse('This bread does not go into the oven.', 'a bread that is finished in the oven or under the broiler'),
                $this->oven()->isIn() => $node->refuse('The oven is full already.', 'after oven_out'),
                default => null,
            },
            EventKind::OvenOut => $this->oven()->isIn() ? null : $node->refuse('Nothing is in the oven.', 'after oven_in'),
            EventKind::Paused => $griddle->isPaused() ? $node->refuse('Work is paused already.', 'after resumed') : null,
            EventKind::Resumed => $griddle->isPaused() ? null : $node->refuse('Work is not paused.', 'after paused'),
            EventKind::ScaleSet, EventKind::Corrected => $this->with($event)->addsUp() ?: $node->at('pieces')->refuse('More pieces than that were laid or portioned already.', sprintf('at least %d', max($griddle->highestLaid(), $event->kind === EventKind::Corrected ? $portions->taken() : 0))),
            EventKind::Undone => $this->checkUndo($event, $node->at('event')),
            default => null,
        };
    }

    /** The stay in the oven that is under way or comes next; null where there is none. */
    public function ovenTurn(): ?OvenTurn
    {
        return $this->oven()->turn($this->plan->ovenLoads($this->portions()->count));
    }

    public function clocks(): Clocks
    {
        return new Clocks($this->plan, $this->tally, $this->portions()->isSet(), $this->ovenTurn());
    }

    public function shape(): ShapeState
    {
        return new ShapeState($this->plan, $this->portions()->meanGrams() ?? $this->bowl()->pieceGrams());
    }

    /** When all is served, if work goes on from the last entry as planned; null before the first. */
    public function readyAt(): ?DateTimeImmutable
    {
        $griddle = $this->griddle();

        return $this->line($griddle, $griddle->steps())->readyAt();
    }

    /** The same by how it stands at this moment: what should have begun and has not begins now at the soonest. */
    public function readyBy(DateTimeImmutable $now): ?DateTimeImmutable
    {
        $griddle = $this->griddle();

        return $this->line($griddle, $griddle->steps())->readyBy($now);
    }

    /** @param list<Step> $steps all that is still to be done at the griddle */
    public function line(GriddleLog $griddle, array $steps): LineState
    {
        return new LineState($this->plan, $griddle, $steps, Headway::of($this->tally), $this->tally->course->furthest);
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
        return array_filter($this->log(), static fn (BatchEvent $event): bool => $event->id === $id) !== [];
    }

    /** @return list<BatchEvent> */
    private function log(): array
    {
        return $this->standing ?? throw LogNeeded::toUndo();
    }
}
