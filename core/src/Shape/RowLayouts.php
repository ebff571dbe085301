<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/**
 * Discs in rows on a rectangle. Rows in line are a pitch apart; a row shifted against the one before by s can come as near
 * as √(p² − s²). All mixtures of in-line and half-pitch steps are searched, since a few in-line rows can save a disc that
 * the shift would cost.
 */
final readonly class RowLayouts
{
    private const DUST = 1e-9;

    private function __construct(private float $width, private float $depth, private float $disc, private float $pitch)
    {
    }

    /** @return list<array{x: float, y: float}> middles, from the corner */
    public static function best(float $width, float $depth, float $disc, float $pitch): array
    {
        if ($width < $disc - self::DUST || $depth < $disc - self::DUST) {
            return [];
        }
        $layouts = new self($width, $depth, $disc, $pitch);
        $best = [];
        $most = 0;
        // Counted first, laid out only once: a small disc on a large board has thousands of places.
        foreach ($layouts->stepsToTry() as $steps) {
            $count = $layouts->count($steps);
            [$best, $most] = $count > $most ? [$steps, $count] : [$best, $most];
        }

        return $layouts->laid($best);
    }

    /** @return iterable<list<array{float, float}>> one mixture for each number of shifted steps that fits, then the spared one */
    private function stepsToTry(): iterable
    {
        $near = $this->pitch * sqrt(3) / 2;
        for ($shifted = 0; $shifted * $near <= $this->depth - $this->disc + self::DUST; $shifted++) {
            $inLine = (int) floor(($this->depth - $this->disc - $shifted * $near) / $this->pitch + self::DUST);
            // In-line steps come first, while the row is at its fullest; shifted rows hold at most as many.
            yield [...array_fill(0, $inLine, [$this->pitch, 0.0]), ...array_fill(0, $shifted, [$near, $this->pitch / 2])];
        }
        yield $this->spared();
    }

    /**
     * Every row as full as the first, shifted by what the width has to spare where that is less than half a pitch.
     *
     * @return list<array{float, float}>
     */
    private function spared(): array
    {
        $shift = min($this->pitch / 2, $this->width - $this->disc - ($this->inRow(0.0) - 1) * $this->pitch);
        $near = sqrt(max(0.0, $this->pitch ** 2 - $shift ** 2));

        return array_fill(0, (int) floor(($this->depth - $this->disc) / $near + self::DUST), [$near, $shift]);
    }

    /** @param list<array{float, float}> $steps how far to each next row, and how far it is shifted against the one before */
    private function count(array $steps): int
    {
        return array_sum(array_map(fn (array $row): int => $this->inRow($row[1]), self::rows($steps)));
    }

    /**
     * @param list<array{float, float}> $steps
     * @return list<array{x: float, y: float}>
     */
    private function laid(array $steps): array
    {
        return array_merge(...array_map(fn (array $row): array => $this->row(...$row), self::rows($steps)));
    }

    /**
     * @param list<array{float, float}> $steps
     * @return non-empty-list<array{float, float}> depth and shift of each row
     */
    private static function rows(array $steps): array
    {
        $rows = [[0.0, 0.0]];
        [$y, $offset] = [0.0, 0.0];
        foreach ($steps as [$down, $shift]) {
            $y += $down;
            $offset = $shift === 0.0 ? $offset : ($offset > 0 ? 0.0 : $shift);
            $rows[] = [$y, $offset];
        }

        return $rows;
    }

    /** @return list<array{x: float, y: float}> */
    private function row(float $y, float $offset): array
    {
        $places = [];
        for ($place = 0; $place < $this->inRow($offset); $place++) {
            $places[] = ['x' => $this->disc / 2 + $offset + $place * $this->pitch, 'y' => $this->disc / 2 + $y];
        }

        return $places;
    }

    private function inRow(float $offset): int
    {
        $left = $this->width - $offset - $this->disc;

        return $left < -self::DUST ? 0 : 1 + (int) floor($left / $this->pitch + self::DUST);
    }
}
