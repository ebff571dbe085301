<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Exchange\Row;
use StoneMill\School\Stage;

/** Where the cook has been and is, and which clocks run. */
final readonly class CourseTally
{
    /** Of the notes the latest go along with every answer; all of them stand in the log. */
    private const NOTES = 20;

    private const STARTS = [EventKind::Poured, EventKind::KneadStarted, EventKind::RestStarted, EventKind::SecondRestStarted, EventKind::Stacked];

    /**
     * @param list<Stage> $entered each once, in the order of the first visit
     * @param Stage|null $stage last gone to
     * @param Headway|null $furthest stage gone to, since it was first gone to
     * @param array<string, DateTimeImmutable> $started by kind of event, when that happened last, of what a clock runs from
     * @param BatchEvent|null $undoable the last entry worth undoing; moving between stages is not
     * @param array{float, DateTimeImmutable}|null $grown times its first size that the dough was last seen at, and when
     * @param list<Note> $notes the latest
     */
    private function __construct(
        public array $entered,
        public ?Stage $stage,
        public ?Headway $furthest,
        private array $started,
        public ?BatchEvent $undoable,
        public ?array $grown,
        public array $notes,
    ) {
    }

    public static function empty(): self
    {
        return new self([], null, null, [], null, null, []);
    }

    public function with(BatchEvent $event): self
    {
        return $event->kind === EventKind::Entered && $event->stage !== null ? $this->at($event->stage, $event->at) : new self(
            $this->entered,
            $this->stage,
            $this->furthest,
            in_array($event->kind, self::STARTS, true) ? [...$this->started, $event->kind->value => $event->at] : $this->started,
            $event->kind === EventKind::Entered ? $this->undoable : $event,
            $event->kind === EventKind::GrowthSeen ? [(float) $event->growth, $event->at] : $this->grown,
            $event->kind === EventKind::Noted ? [...array_slice($this->notes, 1 - self::NOTES), Note::of($event)] : $this->notes,
        );
    }

    /** When that was last done, of what a clock runs from; null where it was not. */
    public function startedAt(EventKind $kind): ?DateTimeImmutable
    {
        return $this->started[$kind->value] ?? null;
    }

    /** @return array{entered: list<string>, stage: string|null, furthest: array{string, int}|null, started: array<string, int>, undoable: array<string, string|int|float>|null, grown: array{float, int}|null, notes: list<array<string, string|int|null>>} */
    public function toRow(): array
    {
        return [
            'entered' => array_map(static fn (Stage $stage): string => $stage->value, $this->entered),
            'stage' => $this->stage?->value,
            'furthest' => $this->furthest === null ? null : [$this->furthest->stage->value, LogTime::toMilliseconds($this->furthest->at)],
            'started' => array_map(LogTime::toMilliseconds(...), $this->started),
            'undoable' => $this->undoable?->toRow(),
            'grown' => $this->grown === null ? null : [$this->grown[0], LogTime::toMilliseconds($this->grown[1])],
            'notes' => array_map(static fn (Note $note): array => $note->toRow(), $this->notes),
        ];
    }

    public static function ofRow(Row $row): self
    {
        [$furthest, $undoable, $grown] = [$row->optionalRow('furthest'), $row->optionalRow('undoable'), $row->optionalRow('grown')];

        return new self(
            $row->choices('entered', Stage::class),
            $row->optionalChoice('stage', Stage::class),
            $furthest === null ? null : new Headway($furthest->choice('0', Stage::class), LogTime::ofMilliseconds($furthest->whole('1'))),
            array_map(LogTime::ofMilliseconds(...), $row->row('started')->allWholes()),
            $undoable === null ? null : BatchEvent::ofRow($undoable),
            $grown === null ? null : [$grown->number('0'), LogTime::ofMilliseconds($grown->whole('1'))],
            array_map(Note::ofRow(...), $row->rows('notes')),
        );
    }

    /** Looking back at an earlier stage does not begin it again: the furthest one counts, from when it was first gone to. */
    private function at(Stage $stage, DateTimeImmutable $at): self
    {
        return new self(
            in_array($stage, $this->entered, true) ? $this->entered : [...$this->entered, $stage],
            $stage,
            $stage->isAfter($this->furthest->stage ?? Stage::Choose) ? new Headway($stage, $at) : $this->furthest,
            $this->started,
            $this->undoable,
            $this->grown,
            $this->notes,
        );
    }
}
