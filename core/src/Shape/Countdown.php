<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Measure\Rounding;

/**
 * The readings that a scale must pass as piece after piece leaves the bowl. Each mark is rounded from the
 * whole, not from the mark before, so the rounding never adds up and the last piece is not the odd one.
 */
final readonly class Countdown
{
    /** @param list<float> $marks readings in grams after each piece, the last one zero */
    private function __construct(public float $readingGrams, public array $marks, public float $resolutionGrams)
    {
    }

    /** @throws OutOfRange If there is nothing on the scale, no piece to make, or less than one step of the scale for each. */
    public static function from(float $readingGrams, int $pieces, float $resolutionGrams): self
    {
        OutOfRange::guard('number of pieces', $pieces, 1, 10000);
        OutOfRange::guard('scale resolution in grams', $resolutionGrams, 0.001, 100);
        OutOfRange::guard('scale reading in grams', $readingGrams, $pieces * $resolutionGrams, 1e6);
        $start = Rounding::toStep($readingGrams, $resolutionGrams);
        $marks = [];
        for ($taken = 1; $taken <= $pieces; $taken++) {
            $marks[] = Rounding::toStep($start * ($pieces - $taken) / $pieces, $resolutionGrams);
        }

        return new self($start, $marks, $resolutionGrams);
    }

    /** @return list<float> what each piece weighs if every mark is met */
    public function pieces(): array
    {
        $before = $this->readingGrams;
        $pieces = [];
        foreach ($this->marks as $mark) {
            $pieces[] = round($before - $mark, 6);
            $before = $mark;
        }

        return $pieces;
    }
}
