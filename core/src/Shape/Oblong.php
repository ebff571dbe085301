<?php

declare(strict_types=1);

namespace StoneMill\Shape;

/**
 * A piece that is longer than wide, with rounded ends: as an ellipse of the area of a round of diameter d, √r · d long and d / √r wide for
 * r times as long as wide. Thickness, weight and baking are those of the round.
 */
final readonly class Oblong
{
    public const MOST_LONG_OVER_WIDE = 4.0;

    /** Pieces on a large plate of which more are never handled at once. */
    private const MOST = 48;

    public float $lengthShare;

    public float $widthShare;

    /** @param float $longOverWide 1 for a round */
    public function __construct(public float $longOverWide)
    {
        $this->lengthShare = sqrt($longOverWide);
        $this->widthShare = 1 / $this->lengthShare;
    }

    /** At its longest, of the area of a round of so many mm. */
    public function longMillimetres(float $roundMillimetres): float
    {
        return $this->lengthShare * $roundMillimetres;
    }

    public function isRound(): bool
    {
        return $this->longOverWide < 1.0 + 1e-9;
    }

    /**
     * In rows across a round plate: each row is as long as the chord at its own outer edge. Pieces are taken as long and as wide as they
     * are at most, so that what is counted always fits.
     *
     * @return list<array{x: float, y: float}> middles from the middle of the plate
     */
    public function onRound(float $plateMillimetres, float $roundMillimetres, float $gapMillimetres): array
    {
        $radius = ($plateMillimetres + $gapMillimetres) / 2;

        return $this->best($plateMillimetres, $roundMillimetres, $gapMillimetres, static function (float $edge) use ($radius): float {
            return $edge >= $radius ? 0.0 : 2 * sqrt($radius ** 2 - $edge ** 2);
        });
    }

    /**
     * In rows along the width.
     *
     * @return list<array{x: float, y: float}> middles from the middle of the plate
     */
    public function onRectangle(float $widthMillimetres, float $depthMillimetres, float $roundMillimetres, float $gapMillimetres): array
    {
        return $this->best($depthMillimetres, $roundMillimetres, $gapMillimetres, static fn (float $edge): float => $edge > ($depthMillimetres + $gapMillimetres) / 2 + 1e-9 ? 0.0 : $widthMillimetres + $gapMillimetres);
    }

    /**
     * @param callable(float): float $chord room along a row whose outer edge is so far from the middle, with half a gap at each end
     * @return list<array{x: float, y: float}>
     */
    private function best(float $depth, float $round, float $gap, callable $chord): array
    {
        $length = $this->longMillimetres($round) + $gap;
        $width = $this->widthShare * $round + $gap;
        $best = [];
        for ($rows = 1; $rows * $width <= $depth + $gap + 1e-9; $rows++) {
            $places = [];
            for ($row = 0; $row < $rows; $row++) {
                $y = ($row - ($rows - 1) / 2) * $width;
                $count = (int) floor($chord(abs($y) + $width / 2) / $length + 1e-9);
                for ($piece = 0; $piece < $count; $piece++) {
                    $places[] = ['x' => round(($piece - ($count - 1) / 2) * $length, 3), 'y' => round($y, 3)];
                }
            }
            $best = count($places) > count($best) ? $places : $best;
        }

        return array_slice($best, 0, self::MOST);
    }
}
