<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Exchange\Exception\BrokenRow;
use StoneMill\Exchange\Row;

/**
 * What a log adds up to, carried forward entry by entry so that the next one need not read all before it. It knows nothing of the
 * plan: the same log gives the same tally under any. An undo is the one entry that cannot be added; it takes
 * the log without what was undone.
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

    /** Null where it was kept by another version, not whole, or not at all: the log then says it. */
    public static function fromText(?string $text): ?self
    {
        try {
            $rows = $text === null ? null : Row::ofJson($text);

            return $rows === null || $rows->optionalWhole('format') !== self::FORMAT ? null : self::ofRow($rows);
        } catch (BrokenRow) {
            return null;
        }
    }

    private static function ofRow(Row $rows): self
    {
        return new self(
            BowlTally::ofRow($rows->row('bowl')),
            ScaleTally::ofRow($rows->row('scale')),
            GriddleTally::ofRow($rows->row('griddle')),
            CourseTally::ofRow($rows->row('course')),
            PaceTally::ofRow($rows->row('pace')),
            FaultTally::ofRows($rows->rows('faults')),
            ExtrasTally::ofRow($rows->row('extras')),
            StepsTally::ofRow($rows->row('steps')),
        );
    }
}
