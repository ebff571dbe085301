<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Measure\Learned;
use StoneMill\Measure\LinearBelief;
use StoneMill\Measure\Observation;

/**
 * What all batches say of each cook's hands and of what is lost on the way: how even pieces are, how much thicker discs come out than
 * planned, what bowl and hands keep, what the griddle takes, how quick hands are.
 */
final readonly class HandRecord
{
    /** Before anything was weighed, pieces differ by this, known as from so many of them. Planning estimates. */
    private const USUAL_UNEVEN = 0.03;

    private const USUAL_PIECES = 8;

    /** Of the logarithm of thickness: a way of shaping, a hand, a batch. Planning estimates. */
    private const SHAPE_THICKNESS = 0.12;

    private const HAND_THICKNESS = 0.06;

    private const BATCH_THICKNESS = 0.04;

    private const DISC_THICKNESS = 0.05;

    /** Share of the dough that bowl and hands keep: as planned, and from kitchen to kitchen, and from batch to batch. Planning estimates. */
    private const KITCHEN_LOST = 0.008;

    private const BATCH_LOST = 0.006;

    /** Points of weight that a bread loses beside what is worked out: of all breads here, of one bread, from batch to batch. Planning estimates. */
    private const KITCHEN_LOSS = 1.5;

    private const BREAD_LOSS = 1.5;

    private const BATCH_LOSS = 1.2;

    /** With fewer than this the planning default is better. */
    private const LEAST_SAMPLES = 6;

    /** A median is this much less sure than a mean; deviations from medians, in standard deviations. */
    private const MEDIAN_DOUBT = 1.253;

    /** A hand on a button is no sharper than half a second. */
    private const TICK = 0.5;

    private const DEVIATION_OF_MEDIAN = 1.4826;

    private LinearBelief $thickness;

    private LinearBelief $bowl;

    private LinearBelief $losses;

    /**
     * @param list<HandLesson> $lessons
     * @param list<HeatLesson> $heat for what stacks weighed
     * @param float $usualLost share of the dough that a plan takes to be lost
     */
    public function __construct(private array $lessons, private array $heat, private float $usualLost)
    {
        $this->thickness = new LinearBelief(self::thicknesses($lessons), static fn (string $unknown): float => str_starts_with($unknown, 'shape ') ? self::SHAPE_THICKNESS : self::HAND_THICKNESS);
        $bowls = array_filter($lessons, static fn (HandLesson $lesson): bool => $lesson->lostShare !== null);
        $this->bowl = new LinearBelief(array_values(array_map(fn (HandLesson $lesson): Observation => new Observation(['bowl' => 1.0], (float) $lesson->lostShare - $this->usualLost, self::BATCH_LOST, $lesson->day), $bowls)), static fn (): float => self::KITCHEN_LOST);
        $weighed = array_filter($heat, static fn (HeatLesson $lesson): bool => $lesson->lossPoints !== null);
        $this->losses = new LinearBelief(array_values(array_map(static fn (HeatLesson $lesson): Observation => new Observation(['kitchen' => 1.0, "bread {$lesson->style}" => 1.0], (float) $lesson->lossPoints, self::BATCH_LOSS, $lesson->day), $weighed)), static fn (string $unknown): float => $unknown === 'kitchen' ? self::KITCHEN_LOSS : self::BREAD_LOSS);
    }

    /** Relative standard deviation of a cook's pieces; null where too few were weighed. */
    public function evenness(string $cook): ?Learned
    {
        $squares = self::USUAL_PIECES * self::USUAL_UNEVEN ** 2;
        $freedom = self::USUAL_PIECES;
        $batches = 0;
        foreach ($this->ofCook($cook) as $lesson) {
            if ($lesson->even !== null) {
                [$pieces, $deviation] = $lesson->even;
                $squares += ($pieces - 1) * $deviation ** 2;
                $freedom += $pieces - 1;
                $batches++;
            }
        }
        $share = sqrt($squares / $freedom);

        return $batches === 0 ? null : new Learned($share, $share / sqrt(2 * $freedom), $batches);
    }

    /** The logarithm of how much thicker this cook's discs come out than planned, shaped this way. */
    public function thickness(string $cook, string $shape): ?Learned
    {
        $batches = $this->count(static fn (HandLesson $lesson): bool => $lesson->thick !== null && $lesson->shape === $shape);
        $said = $this->thickness->of(["shape $shape" => 1.0, "cook $cook" => 1.0]);

        return $batches === 0 ? null : new Learned($said->mean, hypot($said->deviation, self::BATCH_THICKNESS), $batches);
    }

    /** Share of the dough that bowl and hands keep. */
    public function bowlLoss(): ?Learned
    {
        $batches = $this->count(static fn (HandLesson $lesson): bool => $lesson->lostShare !== null);
        $said = $this->bowl->of(['bowl' => 1.0]);

        return $batches === 0 ? null : new Learned(max(0.0, $this->usualLost + $said->mean), hypot($said->deviation, self::BATCH_LOST), $batches);
    }

    /** Points of weight that a bread loses beside what is worked out. */
    public function weightLoss(string $style): ?Learned
    {
        $batches = count(array_filter($this->heat, static fn (HeatLesson $lesson): bool => $lesson->lossPoints !== null));
        $said = $this->losses->of(['kitchen' => 1.0, "bread $style" => 1.0]);

        return $batches === 0 ? null : new Learned($said->mean, hypot($said->deviation, self::BATCH_LOSS), $batches);
    }

    /** Seconds from one piece to the next off the scale; the median, which no interruption moves. */
    public function portionSeconds(string $cook): ?Learned
    {
        return self::pace($this->ofCook($cook), static fn (HandLesson $lesson): array => $lesson->portionSeconds);
    }

    /** Seconds that one piece takes to be shaped in this way. */
    public function shapeSeconds(string $cook, string $shape): ?Learned
    {
        return self::pace(array_filter($this->ofCook($cook), static fn (HandLesson $lesson): bool => $lesson->shape === $shape), static fn (HandLesson $lesson): array => $lesson->shapeSeconds);
    }

    /** @return list<string> */
    public function cooks(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (HandLesson $lesson): ?string => $lesson->cook, $this->lessons), is_string(...))));
    }

    /** @return list<string> ways of shaping that this cook was timed at */
    public function shapes(string $cook): array
    {
        return array_values(array_unique(array_map(static fn (HandLesson $lesson): string => $lesson->shape, $this->ofCook($cook))));
    }

    /** @return list<HandLesson> */
    private function ofCook(string $cook): array
    {
        return array_values(array_filter($this->lessons, static fn (HandLesson $lesson): bool => $lesson->cook === $cook));
    }

    /** @param callable(HandLesson): bool $counts */
    private function count(callable $counts): int
    {
        return count(array_filter($this->lessons, $counts));
    }

    /**
     * @param list<HandLesson> $lessons
     * @return list<Observation>
     */
    private static function thicknesses(array $lessons): array
    {
        $seen = [];
        foreach ($lessons as $lesson) {
            if ($lesson->thick !== null) {
                [$discs, $mean] = $lesson->thick;
                $seen[] = new Observation(["shape {$lesson->shape}" => 1.0, 'cook '.($lesson->cook ?? 'nobody') => 1.0], $mean, hypot(self::BATCH_THICKNESS, self::DISC_THICKNESS / sqrt($discs)), $lesson->day);
            }
        }

        return $seen;
    }

    /**
     * @param array<HandLesson> $lessons
     * @param callable(HandLesson): list<float> $of
     */
    private static function pace(array $lessons, callable $of): ?Learned
    {
        $seconds = [];
        $batches = 0;
        foreach ($lessons as $lesson) {
            $own = $of($lesson);
            array_push($seconds, ...$own);
            $batches += $own === [] ? 0 : 1;
        }
        if (count($seconds) < self::LEAST_SAMPLES) {
            return null;
        }
        $median = self::median($seconds);
        $apart = self::median(array_map(static fn (float $one): float => abs($one - $median), $seconds));

        return new Learned(round($median, 1), hypot(self::TICK, self::MEDIAN_DOUBT * self::DEVIATION_OF_MEDIAN * $apart / sqrt(count($seconds))), $batches);
    }

    /** @param non-empty-list<float> $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
