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

    /** The entry by which such a stage is known to have begun; null where none tells. */
    public static function begunBy(Stage $stage): ?EventKind
    {
        return match ($stage) {
            Stage::Mix => EventKind::Poured,
            Stage::Rest => EventKind::RestStarted,
            Stage::Portion => EventKind::ScaleSet,
            Stage::Griddle => EventKind::Laid,
            Stage::Stack => EventKind::Stacked,
            default => null,
        };
    }

    /** Null before anything was done: a stage that was only looked at tells nothing, and a batch for tomorrow may be looked at today. */
    public static function of(Tally $tally): ?self
    {
        $course = $tally->course;
        $done = [
            [Stage::Stack, $course->startedAt(EventKind::Stacked)],
            [Stage::Griddle, GriddlePiece::firstLaidAt($tally->griddle->pieces)],
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
        if ($course->furthest !== null && ! $course->furthest->stage->isAfter(Stage::Water)) {
            return $course->furthest;
        }

        return $course->undoable === null ? null : new self(Stage::Measure, $course->undoable->at);
    }

    /** When work there began; of who looked further ahead meanwhile, the last thing that was done. */
    private static function sinceGoneTo(Stage $stage, CourseTally $course): ?DateTimeImmutable
    {
        return $course->furthest?->stage === $stage ? $course->furthest->at : $course->undoable?->at;
    }
}
