<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * Where discs lie on a griddle, in millimetres from its centre.
 *
 * On a round plate up to nine discs are packed at the proven optimum, which for these counts is a ring, from seven on
 * with one in the middle (Kravitz 1967; Graham 1968); 10 to 19 at the published one (RoundOptima). On a rectangle the
 * best of rows in line, rows staggered by half a pitch, rows staggered by what the width has to spare, and every mixture
 * of the first two is taken, along the width and along the depth.
 */
final readonly class Packing
{
    private const MOST_ON_RING = 9;

    private const MOST_ON_ROUND = 19;

    private const MOST_ON_RECTANGLE = 48;

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
        for ($count = 1; $count <= self::MOST_ON_ROUND; $count++) {
            // 19 fit where 18 do, so the search goes on past a number that does not.
            $most = self::neededRatio($count) <= $reach + 1e-9 ? $count : $most;
        }
        $radius = ($plateMillimetres - $discMillimetres) / 2;

        return new self($most > self::MOST_ON_RING ? self::published($most, $radius) : self::ring($most, $radius));
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function onRectangle(float $widthMillimetres, float $depthMillimetres, float $discMillimetres, float $gapMillimetres): self
    {
        self::guard($widthMillimetres, $depthMillimetres, $discMillimetres);
        $along = RowLayouts::best($widthMillimetres, $depthMillimetres, $discMillimetres, $discMillimetres + $gapMillimetres);
        $across = RowLayouts::best($depthMillimetres, $widthMillimetres, $discMillimetres, $discMillimetres + $gapMillimetres);
        $best = count($across) > count($along)
            ? array_map(static fn (array $place): array => ['x' => $place['y'], 'y' => $place['x']], $across)
            : $along;

        return new self(self::centred(array_slice($best, 0, self::MOST_ON_RECTANGLE)));
    }

    /**
     * Discs, or pieces longer than wide, on a plate of either shape.
     *
     * @param float $width of a rectangle, or the diameter of a round plate
     *
     * @throws OutOfRange If a measure is not positive.
     */
    public static function on(PlateShape $shape, float $width, float $depth, float $roundMillimetres, Oblong $oblong, float $gapMillimetres): self
    {
        if ($oblong->isRound()) {
            return $shape === PlateShape::Round ? self::onRound($width, $roundMillimetres, $gapMillimetres) : self::onRectangle($width, $depth, $roundMillimetres, $gapMillimetres);
        }
        self::guard($width, $roundMillimetres);

        return new self($shape === PlateShape::Round ? $oblong->onRound($width, $roundMillimetres, $gapMillimetres) : $oblong->onRectangle($width, $depth, $roundMillimetres, $gapMillimetres));
    }

    /** Pans of their own, side by side in up to four columns, each so far from the next, middle to middle. */
    public static function apart(int $count, float $pitchMillimetres): self
    {
        $columns = match (true) {
            $count <= 3 => max(1, $count),
            $count === 4 => 2,
            default => 4,
        };

        return new self(self::centred(array_map(
            static fn (int $index): array => ['x' => $index % $columns * $pitchMillimetres, 'y' => intdiv($index, $columns) * $pitchMillimetres],
            range(0, $count - 1),
        )));
    }

    /** Radius of the plate over radius of the disc at which this many just fit. */
    private static function neededRatio(int $count): float
    {
        return match (true) {
            $count > self::MOST_ON_RING => RoundOptima::RATIOS[$count],
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
    private static function published(int $count, float $radius): array
    {
        return array_map(
            static fn (array $place): array => ['x' => round($place[0] * $radius, 3), 'y' => round($place[1] * $radius, 3)],
            RoundOptima::PLACES[$count],
        );
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
