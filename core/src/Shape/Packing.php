<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * Where discs lie on a griddle, in millimetres from its centre.
 *
 * On a round plate up to nine discs are packed at the proven optimum, which for these counts is a ring,
 * from seven on with one in the middle (Kravitz 1967; Graham 1968). On a rectangle the better of rows in
 * line and rows staggered is taken.
 */
final readonly class Packing
{
    private const MOST_ON_ROUND = 9;

    private const MOST_ON_RECTANGLE = 24;

    /** @param list<array{x: float, y: float}> $places */
    private function __construct(public array $places)
    {
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function onRound(float $plateMillimetres, float $discMillimetres, float $gapMillimetres): self
    {
        self::guard($plateMillimetres, $discMillimetres);
        // Half a gap around each disc, which may reach half a gap over the rim.
        $reach = ($plateMillimetres + $gapMillimetres) / ($discMillimetres + $gapMillimetres);
        $most = 0;
        for ($count = 1; $count <= self::MOST_ON_ROUND && self::neededRatio($count) <= $reach + 1e-9; $count++) {
            $most = $count;
        }

        return new self(self::ring($most, ($plateMillimetres - $discMillimetres) / 2));
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function onRectangle(float $widthMillimetres, float $depthMillimetres, float $discMillimetres, float $gapMillimetres): self
    {
        self::guard($widthMillimetres, $depthMillimetres, $discMillimetres);
        $inLine = self::rows($widthMillimetres, $depthMillimetres, $discMillimetres, $discMillimetres + $gapMillimetres, 0.0);
        $pitch = ($discMillimetres + $gapMillimetres) * sqrt(3) / 2;
        $staggered = self::rows($widthMillimetres, $depthMillimetres, $discMillimetres, $pitch, ($discMillimetres + $gapMillimetres) / 2);
        $best = count($staggered) > count($inLine) ? $staggered : $inLine;

        return new self(array_slice($best, 0, self::MOST_ON_RECTANGLE));
    }

    /** Radius of the plate over radius of the disc at which this many just fit. */
    private static function neededRatio(int $count): float
    {
        return match (true) {
            $count === 1 => 1.0,
            $count < 7 => 1 + 1 / sin(M_PI / $count),
            default => 1 + 1 / sin(M_PI / ($count - 1)),
        };
    }

    /** @return list<array{x: float, y: float}> */
    private static function ring(int $count, float $radius): array
    {
        if ($count <= 1) {
            return $count === 0 ? [] : [['x' => 0.0, 'y' => 0.0]];
        }
        $around = $count < 7 ? $count : $count - 1;
        $places = $count < 7 ? [] : [['x' => 0.0, 'y' => 0.0]];
        for ($place = 0; $place < $around; $place++) {
            $angle = 2 * M_PI * $place / $around - M_PI / 2;
            $places[] = ['x' => round($radius * cos($angle), 3), 'y' => round($radius * sin($angle), 3)];
        }

        return $places;
    }

    /** @return list<array{x: float, y: float}> */
    private static function rows(float $width, float $depth, float $disc, float $pitch, float $shift): array
    {
        $step = $shift > 0 ? 2 * $shift : $pitch;
        $rows = $depth < $disc ? 0 : 1 + (int) floor(($depth - $disc) / $pitch + 1e-9);
        $places = [];
        for ($row = 0; $row < $rows; $row++) {
            $offset = $row % 2 === 1 ? $shift : 0.0;
            $inRow = $width - $offset < $disc ? 0 : 1 + (int) floor(($width - $offset - $disc) / $step + 1e-9);
            for ($place = 0; $place < $inRow; $place++) {
                $places[] = ['x' => $disc / 2 + $offset + $place * $step, 'y' => $disc / 2 + $row * $pitch];
            }
        }

        return self::centred($places);
    }

    /**
     * @param list<array{x: float, y: float}> $places
     * @return list<array{x: float, y: float}>
     */
    private static function centred(array $places): array
    {
        if ($places === []) {
            return [];
        }
        $midX = (min(array_column($places, 'x')) + max(array_column($places, 'x'))) / 2;
        $midY = (min(array_column($places, 'y')) + max(array_column($places, 'y'))) / 2;

        return array_map(
            static fn (array $place): array => ['x' => round($place['x'] - $midX, 3), 'y' => round($place['y'] - $midY, 3)],
            $places,
        );
    }

    private static function guard(float ...$measures): void
    {
        foreach ($measures as $measure) {
            OutOfRange::guard('measure in mm', $measure, 1, 5000);
        }
    }
}
