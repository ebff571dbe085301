<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Verdict;

/**
 * All that one batch teaches: of the water of its bags, of the griddle that it lay on, of the hands that made it. Kept beside the batch, so
 * that nobody reads its log again to learn from it.
 *
 * @phpstan-import-type LessonRow from WaterLesson
 * @phpstan-import-type HeatRow from HeatLesson
 * @phpstan-import-type HandRow from HandLesson
 *
 * @phpstan-type BatchLessonRow array{water?: LessonRow, heat?: HeatRow, hand?: HandRow}
 */
final readonly class BatchLesson
{
    /** @param int $day since 1970 */
    public function __construct(public int $day, public ?WaterLesson $water, public ?HeatLesson $heat, public ?HandLesson $hand)
    {
    }

    public static function of(PlannedBatch $plan, BatchState $state, ?Verdict $verdict): self
    {
        return new self(0, WaterLesson::of($plan, $state), HeatLesson::of($plan, $state, $verdict), HandLesson::of($plan, $state));
    }

    public function isEmpty(): bool
    {
        return $this->water === null && $this->heat === null && $this->hand === null;
    }

    /** @return list<string> what it says, in sentences */
    public function inWords(): array
    {
        return [...($this->water?->inWords() ?? []), ...($this->heat?->inWords() ?? []), ...($this->hand?->inWords() ?? [])];
    }

    /** @return BatchLessonRow */
    public function toRow(): array
    {
        return [
            ...($this->water === null ? [] : ['water' => $this->water->toRow()]),
            ...($this->heat === null ? [] : ['heat' => $this->heat->toRow()]),
            ...($this->hand === null ? [] : ['hand' => $this->hand->toRow()]),
        ];
    }

    /** @param BatchLessonRow $row */
    public static function fromRow(array $row, int $day): self
    {
        return new self(
            $day,
            isset($row['water']) ? WaterLesson::fromRow($row['water'], $day) : null,
            isset($row['heat']) ? HeatLesson::fromRow($row['heat'], $day) : null,
            isset($row['hand']) ? HandLesson::fromRow($row['hand'], $day) : null,
        );
    }
}
