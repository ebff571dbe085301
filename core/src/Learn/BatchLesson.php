<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Exchange\Row;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Verdict;

/**
 * All that one batch teaches: of the water of its bags, of the griddle that it lay on, of the hands that made it. Kept beside the batch, so
 * that nobody reads its log again to learn from it.
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

    public function toJson(): string
    {
        return json_encode([
            ...($this->water === null ? [] : ['water' => $this->water->toRow()]),
            ...($this->heat === null ? [] : ['heat' => $this->heat->toRow()]),
            ...($this->hand === null ? [] : ['hand' => $this->hand->toRow()]),
        ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param string $json of toJson() */
    public static function kept(string $json, int $day): self
    {
        $row = Row::ofJson($json, 'lesson');
        [$water, $heat, $hand] = array_map($row->optionalRow(...), ['water', 'heat', 'hand']);

        return new self(
            $day,
            $water === null ? null : WaterLesson::ofRow($water, $day),
            $heat === null ? null : HeatLesson::ofRow($heat, $day),
            $hand === null ? null : HandLesson::ofRow($hand, $day),
        );
    }
}
