<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

use StoneMill\Measure\Exception\OutOfRange;

/** What the record says of the water that one bag takes: so many points of the flour base beside its kind, give or take, from so many batches. */
final readonly class LearnedWater
{
    public const MOST_POINTS = 80.0;

    public const MOST_DEVIATION = 60.0;

    /**
     * @param int $batches of this bag; 0 where only others of its flour tell
     * @param float $deviation of the next batch's need about it, in points, with what differs from batch to batch in it
     *
     * @throws OutOfRange If it is more than any flour differs by.
     */
    public function __construct(public float $points, public float $deviation, public int $batches)
    {
        OutOfRange::guard('points that a bag takes beside its kind', $points, -self::MOST_POINTS, self::MOST_POINTS);
        OutOfRange::guard('standard deviation in points', $deviation, 0, self::MOST_DEVIATION);
        OutOfRange::guard('batches', $batches, 0, 1_000_000);
    }

    public function inWords(): string
    {
        $rounded = round($this->points, 1);

        $takes = $rounded == 0.0 ? 'takes what its kind takes' : sprintf('takes %.1f points %s than its kind', abs($rounded), $rounded > 0 ? 'more' : 'less');

        return $this->batches === 0
            ? sprintf('has told nothing of itself yet; going by others of its flour it %s, ± %.1f', $takes, $this->deviation)
            : sprintf('%s, ± %.1f, from %d %s', $takes, $this->deviation, $this->batches, $this->batches === 1 ? 'batch' : 'batches');
    }

    /** @return array{points: float, deviation: float, batches: int} as a plan request names them */
    public function toRequest(): array
    {
        return ['points' => round($this->points, 4), 'deviation' => round($this->deviation, 4), 'batches' => $this->batches];
    }
}
