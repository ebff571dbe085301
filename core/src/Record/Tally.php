<?php

declare(strict_types=1);

namespace StoneMill\Record;

use JsonException;

/**
 * What a log adds up to, carried forward entry by entry so that the next one need not read all before it. It knows nothing of the
 * plan: the same log gives the same tally under any. An undo is the one entry that cannot be added; it takes
 * the log without what was undone.
 *
 * @phpstan-import-type BowlRow from BowlTally
 * @phpstan-import-type ScaleRow from ScaleTally
 * @phpstan-import-type GriddleRow from GriddleTally
 * @phpstan-import-type CourseRow from CourseTally
 * @phpstan-import-type PaceRow from PaceTally
 * @phpstan-import-type FaultRow from FaultTally
 * @phpstan-import-type ExtrasRow from ExtrasTally
 * @phpstan-import-type StepsRow from StepsTally
 */
final readonly class Tally
{
    /** Of the text that it is kept as; one of another format is counted anew from the log. */
    private const FORMAT = 8;

    private function __construct(
        public BowlTally $bowl,
        public ScaleTally $scale,
        public GriddleTally $griddle,
        public CourseTally $course,
        public PaceTally $pace,
        public FaultTally $faults,
        public ExtrasTally $extras,
        public StepsTally $steps,
    ) {
    }

    /** @param list<BatchEvent> $standing events that were not undone, in order */
    public static function of(array $standing): self
    {
        $empty = new self(BowlTally::empty(), ScaleTally::empty(), GriddleTally::empty(), CourseTally::empty(), PaceTally::empty(), FaultTally::empty(), ExtrasTally::empty(), StepsTally::empty());

        return array_reduce($standing, static fn (self $tally, BatchEvent $event): self => $tally->with($event), $empty);
    }

    public function with(BatchEvent $event): self
    {
        return new self($this->bowl->with($event), $this->scale->with($event), $this->griddle->with($event), $this->course->with($event), $this->pace->with($event), $this->faults->with($event), $this->extras->with($event), $this->steps->with($event));
    }

    public function toText(): string
    {
        return json_encode([
            'format' => self::FORMAT, 'bowl' => $this->bowl->toRow(), 'scale' => $this->scale->toRow(),
            'griddle' => $this->griddle->toRow(), 'course' => $this->course->toRow(), 'pace' => $this->pace->toRow(),
            'faults' => $this->faults->toRow(), 'extras' => $this->extras->toRow(), 'steps' => $this->steps->toRow(),
        ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** Null where it was kept by another version, or not at all: the log then says it. */
    public static function fromText(?string $text): ?self
    {
        try {
            /** @var array{format?: int, bowl: BowlRow, scale: ScaleRow, griddle: GriddleRow, course: CourseRow, pace: PaceRow, faults: list<FaultRow>, extras: ExtrasRow, steps: StepsRow} $rows */
            $rows = (array) json_decode($text ?? '{}', true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return null;
        }

        return ($rows['format'] ?? null) !== self::FORMAT ? null : new self(
            BowlTally::fromRow($rows['bowl']),
            ScaleTally::fromRow($rows['scale']),
            GriddleTally::fromRow($rows['griddle']),
            CourseTally::fromRow($rows['course']),
            PaceTally::fromRow($rows['pace']),
            FaultTally::fromRow($rows['faults']),
            ExtrasTally::fromRow($rows['extras']),
            StepsTally::fromRow($rows['steps']),
        );
    }
}
