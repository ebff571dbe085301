<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\School\Stage;

/** How far the work is by what was done: the stage that the rest of the line is counted from, and when it began. */
final readonly class Headway
{
    public function __construct(public Stage $stage, public DateTimeImmutable $at)
    {
    }

    /** Null before anything was done: a stage that was only looked at tells nothing, and a batch for tomorrow may be looked at today. */
    public static function of(Tally $tally): ?self
    {
        $course = $tally->course;
        $laid = array_map(static fn (GriddlePiece $piece): DateTimeImmutable => $piece->laidAt, $tally->griddle->pieces);
        $done = [
            [Stage::Stack, $course->startedAt(EventKind::Stacked)],
            [Stage::Griddle, $laid === [] ? null : min($laid)],
            [Stage::Portion, $tally->scale->readings === [] ? null : self::sinceGoneTo(Stage::Portion, $course)],
            [Stage::Rest, $course->startedAt(EventKind::RestStarted)],
            [Stage::Mix, $course->startedAt(EventKind::Poured)],
        ];
        foreach ($done as [$stage, $at]) {
            if ($at !== null) {
                return new self($stage, $at);
            }
        }

        return $tally->bowl->gramsByIngredient === [] ? null : self::weighing($course);
    }

    /** Before the water, from the stage gone to; who looked further ahead meanwhile is as far as the last line that was weighed. */
    private static function weighing(CourseTally $course): ?self
    {
        if ($course->furthest !== null && ! $course->furthest[0]->isAfter(Stage::Water)) {
            return new self(...$course->furthest);
        }
        $at = self::sinceGoneTo(Stage::Measure, $course);

        return $at === null ? null : new self(Stage::Measure, $at);
    }

    /** When work there began; of who looked further ahead meanwhile, the last thing that was done. */
    private static function sinceGoneTo(Stage $stage, CourseTally $course): ?DateTimeImmutable
    {
        return $course->furthest !== null && $course->furthest[0] === $stage ? $course->furthest[1] : $course->undoable?->at;
    }
}
