<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Measure\Rounding;

/** The scale counting down: what was taken, what the next mark is. */
final readonly class PortionLog
{
    public const TOLERANCE_SHARE = 0.02;

    /** @param list<float> $readings first the full bowl, then after each piece */
    private function __construct(public array $readings, public int $count, public float $resolutionGrams)
    {
    }

    public static function of(PlannedBatch $plan, ScaleTally $tally): self
    {
        return new self($tally->readings, $tally->count ?? $plan->count, $plan->resolutionGrams);
    }

    public function isSet(): bool
    {
        return $this->readings !== [];
    }

    /** What the full bowl weighed; null before it was on the scale. */
    public function startGrams(): ?float
    {
        return $this->readings[0] ?? null;
    }

    public function taken(): int
    {
        return max(0, count($this->readings) - 1);
    }

    public function left(): int
    {
        return $this->count - $this->taken();
    }

    public function reading(): ?float
    {
        return $this->readings === [] ? null : $this->readings[count($this->readings) - 1];
    }

    /** Weight of a piece if the dough on the scale is divided evenly, or null before it is there. */
    public function meanGrams(): ?float
    {
        return $this->readings === [] ? null : $this->readings[0] / $this->count;
    }

    /** @return list<float> what the scale shows after each piece still to take, if every one is taken as it should be */
    public function marks(): array
    {
        $reading = $this->reading();
        $marks = [];
        for ($left = $this->left(); $reading !== null && $left > 0; $left--) {
            $marks[] = $reading = Rounding::toStep($reading * ($left - 1) / $left, $this->resolutionGrams);
        }

        return $marks;
    }

    /** Standard deviation of the pieces taken, in % of their mean; null before there are two. */
    public function spreadPercent(): ?float
    {
        $grams = $this->pieceGrams();
        if (count($grams) < 2) {
            return null;
        }
        $mean = array_sum($grams) / count($grams);
        $squares = array_sum(array_map(static fn (float $each): float => ($each - $mean) ** 2, $grams));

        return $mean <= 0 ? null : round(100 * sqrt($squares / (count($grams) - 1)) / $mean, 2);
    }

    public function toleranceGrams(float $mean): float
    {
        return max($this->resolutionGrams, Rounding::toStep(self::TOLERANCE_SHARE * $mean, $this->resolutionGrams));
    }

    /**
     * The last piece, if it came out too heavy or too light: pinch back or add, or go on by the next mark.
     *
     * @return array{piece: int, off_grams: float, is_last: bool}|null
     */
    public function outOfTolerance(): ?array
    {
        $grams = $this->pieceGrams();
        $mean = $this->meanGrams();
        if ($grams === [] || $mean === null) {
            return null;
        }
        $off = $grams[count($grams) - 1] - $mean;

        return abs($off) <= $this->toleranceGrams($mean) ? null : ['piece' => count($grams), 'off_grams' => round($off, 2), 'is_last' => $this->left() === 0];
    }

    /** @return list<float> of the pieces taken so far */
    public function pieceGrams(): array
    {
        $pieces = [];
        for ($index = 1; $index < count($this->readings); $index++) {
            $pieces[] = round($this->readings[$index - 1] - $this->readings[$index], 4);
        }

        return $pieces;
    }
}
