<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Exchange\Row;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;

/**
 * What one batch says of water: by how many points of the flour base the need that it revealed lies beside what catalogue and practice
 * said, how surely, of which flours from which bags, by whose hand, and with how much of their starch swollen by heat.
 */
final readonly class WaterLesson
{
    /** A dough that was felt says more than one that was corrected and not felt again. Points, planning estimate. */
    private const NOT_FELT_AGAIN = 4.0;

    /**
     * @param list<array{flour: string, bag: string|null, share: float}> $parts of the flour base, together 1
     * @param float $deviation of the grade and of the measuring, in points
     * @param string|null $cook who felt it, where the log knows
     * @param int $day since 1970
     * @param float $flourGrams of the flour base; 0 where nobody said
     * @param float $swollen share of the starch that hot water or the pot was to swell
     */
    public function __construct(public array $parts, public float $points, public float $deviation, public ?string $cook = null, public int $day = 0, public float $flourGrams = 0.0, public float $swollen = 0.0)
    {
    }

    /** Null where the dough was never felt, or nothing was poured: then nothing was learned. */
    public static function of(PlannedBatch $plan, BatchState $state): ?self
    {
        $bowl = $state->bowl();
        if (! $bowl->wasEverFelt() || $bowl->waterGrams() <= 0) {
            return null;
        }
        $grade = $bowl->feel();
        // Corrected and left at that: then it was right, as far as anybody said.
        $needed = $bowl->hydrationPercent() - ($grade?->offsetPoints() ?? 0.0);
        $felt = $grade?->deviationPoints() ?? self::NOT_FELT_AGAIN;

        return new self($plan->flourParts(), $needed - $plan->catalogueHydrationPercent(), hypot($felt, $plan->measuring->relativeDeviation() * $needed), $bowl->feltBy(), 0, $bowl->flourBaseGrams(), $plan->swollenShare);
    }

    /** @return list<string> */
    public function inWords(): array
    {
        return [sprintf('Its dough took %.1f points %s water than its kind, ± %.1f.', abs($this->points), $this->points >= 0 ? 'more' : 'less', $this->deviation)];
    }

    /** @return array{parts: list<array{flour: string, bag: string|null, share: float}>, points: float, deviation: float, cook: string|null, flour?: float, swollen?: float} */
    public function toRow(): array
    {
        return ['parts' => $this->parts, 'points' => round($this->points, 4), 'deviation' => round($this->deviation, 4), 'cook' => $this->cook, 'flour' => round($this->flourGrams, 1), 'swollen' => round($this->swollen, 4)];
    }

    public static function ofRow(Row $row, int $day): self
    {
        $part = static fn (Row $part): array => ['flour' => $part->text('flour'), 'bag' => $part->optionalText('bag'), 'share' => $part->number('share')];

        return new self(array_map($part, $row->rows('parts')), $row->number('points'), $row->number('deviation'), $row->optionalText('cook'), $day, $row->optionalNumber('flour') ?? 0.0, $row->optionalNumber('swollen') ?? 0.0);
    }
}
