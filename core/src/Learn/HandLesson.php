<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Exchange\Row;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;

/**
 * What one batch says of the hands that made it: how even its pieces came off the scale, how wide its discs came out of press or palms, what
 * stayed on bowl and hands, and how long portioning and shaping took.
 */
final readonly class HandLesson
{
    /** Fewer pieces than this say nothing of evenness. */
    private const LEAST_PIECES = 3;

    /** A bowl on the scale that lost more or less than this was another bowl. */
    private const MOST_LOST = 0.15;

    private const MOST_SAMPLES = 60;

    /**
     * @param string|null $cook who portioned and shaped, where the log knows
     * @param array{int, float}|null $even pieces weighed, and their relative standard deviation
     * @param array{int, float}|null $thick discs measured, and the mean logarithm of their thickness over the planned
     * @param float|null $lostShare of the dough that never came to the scale
     * @param list<float> $portionSeconds from one piece to the next
     * @param list<float> $shapeSeconds
     */
    public function __construct(
        public ?string $cook,
        public string $shape,
        public ?array $even = null,
        public ?array $thick = null,
        public ?float $lostShare = null,
        public array $portionSeconds = [],
        public array $shapeSeconds = [],
        public int $day = 0,
    ) {
    }

    /** Null where nothing was weighed, measured or timed. */
    public static function of(PlannedBatch $plan, BatchState $state): ?self
    {
        $pieces = $state->portions()->pieceGrams();
        $even = count($pieces) < self::LEAST_PIECES ? null : [count($pieces), self::relativeDeviation($pieces)];
        $discs = $state->discThicknessRatios();
        $thick = $discs === [] ? null : [count($discs), round(array_sum(array_map(log(...), $discs)) / count($discs), 5)];
        $lost = $state->bowlLossShare();
        $lost = $lost === null || abs($lost) > self::MOST_LOST ? null : $lost;
        $pace = $state->tally()->pace;
        if ($even === null && $thick === null && $lost === null && $pace->portionSeconds === [] && $pace->shapeSeconds === []) {
            return null;
        }

        return new self(
            $pace->by,
            $plan->shaping->value,
            $even,
            $thick,
            $lost,
            array_slice($pace->portionSeconds, -self::MOST_SAMPLES),
            array_slice($pace->shapeSeconds, -self::MOST_SAMPLES),
        );
    }

    /** @return list<string> */
    public function inWords(): array
    {
        return array_values(array_filter([
            $this->even === null ? null : sprintf('%d pieces differed by %.1f %%.', $this->even[0], 100 * $this->even[1]),
            $this->thick === null ? null : sprintf('Its discs came out %.0f %% %s than planned.', 100 * abs(exp($this->thick[1]) - 1), $this->thick[1] >= 0 ? 'thicker' : 'thinner'),
            $this->lostShare === null ? null : sprintf('Bowl and hands kept %.1f %% of the dough.', 100 * $this->lostShare),
        ]));
    }

    /** @return array{cook: string|null, shape: string, even: array{int, float}|null, thick: array{int, float}|null, lost: float|null, portion: list<float>, shaping: list<float>} */
    public function toRow(): array
    {
        return [
            'cook' => $this->cook, 'shape' => $this->shape, 'even' => $this->even, 'thick' => $this->thick,
            'lost' => $this->lostShare === null ? null : round($this->lostShare, 5), 'portion' => $this->portionSeconds, 'shaping' => $this->shapeSeconds,
        ];
    }

    public static function ofRow(Row $row, int $day): self
    {
        $even = $row->optionalRow('even');
        $thick = $row->optionalRow('thick');

        return new self(
            $row->optionalText('cook'),
            $row->text('shape'),
            $even === null ? null : [$even->whole('0'), $even->number('1')],
            $thick === null ? null : [$thick->whole('0'), $thick->number('1')],
            $row->optionalNumber('lost'),
            $row->numbers('portion'),
            $row->numbers('shaping'),
            $day,
        );
    }

    /** @param non-empty-list<float> $grams */
    private static function relativeDeviation(array $grams): float
    {
        $mean = array_sum($grams) / count($grams);
        $squares = array_sum(array_map(static fn (float $each): float => ($each - $mean) ** 2, $grams));

        return $mean <= 0 ? 0.0 : round(sqrt($squares / (count($grams) - 1)) / $mean, 5);
    }
}
