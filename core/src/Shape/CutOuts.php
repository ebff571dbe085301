<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * Discs cut from a rolled sheet: the offcuts are gathered, rolled and cut again, until what is left is less than one disc. A
 * sheet is as large as the dough at hand makes it, within the board; every rolling dries the dough a little.
 */
final readonly class CutOuts
{
    /** Room that a cutter needs between two discs. */
    private const GAP_MILLIMETRES = 2.0;

    private const MOST_GENERATIONS = 12;

    /** A sheet never rolls out square to its rim: this share at its edges is too thin or ragged to cut. Planning estimate. */
    private const RAGGED_SHARE = 0.06;

    private function __construct(
        private float $gramsPerMillilitre,
        private float $thicknessMillimetres,
        private float $cutterMillimetres,
        private float $boardMillimetres,
        private float $dryingGramsPerSquareMetre,
    ) {
    }

    /**
     * @param float $boardMillimetres side of the square that a sheet may fill
     * @param float $dryingGramsPerSquareMetre water that both faces give to the room while a sheet is rolled and cut
     *
     * @throws OutOfRange If a measure is not positive, or the cutter is wider than the board.
     */
    public static function of(float $gramsPerMillilitre, float $thicknessMillimetres, float $cutterMillimetres, float $boardMillimetres, float $dryingGramsPerSquareMetre): self
    {
        OutOfRange::guard('thickness in mm', $thicknessMillimetres, 0.3, 60);
        OutOfRange::guard('board in mm', $boardMillimetres, 50, 2000);
        OutOfRange::guard('cutter in mm', $cutterMillimetres, 10, $boardMillimetres);
        OutOfRange::guard('drying in g per m²', $dryingGramsPerSquareMetre, 0, 500);

        return new self($gramsPerMillilitre, $thicknessMillimetres, $cutterMillimetres, $boardMillimetres, $dryingGramsPerSquareMetre);
    }

    public function discGrams(): float
    {
        return Disc::ofDiameterAndThickness($this->cutterMillimetres, $this->thicknessMillimetres, $this->gramsPerMillilitre)->grams;
    }

    /**
     * @param float $doughGrams at hand
     * @param float $flourShare of the dough that is flour base, to tell the drift in points of hydration
     *
     * @throws OutOfRange If there is no dough.
     */
    public function from(float $doughGrams, float $flourShare): CutDough
    {
        $left = OutOfRange::guard('dough in g', $doughGrams, 0.1, 1e6);
        $driftPoints = 0.0;
        $generations = [];
        $count = 0;
        while (count($generations) < self::MOST_GENERATIONS && $left >= $this->discGrams()) {
            $sheet = $this->sheet($left);
            if ($sheet['discs'] === 0) {
                break;
            }
            $dried = $this->dryingGramsPerSquareMetre * $sheet['square_metres'];
            $offcuts = max(0.0, $sheet['grams'] - $sheet['discs'] * $this->discGrams() - $dried);
            $drier = $driftPoints + 100 * $dried / ($flourShare * $sheet['grams']);
            $unrolled = max(0.0, $left - $sheet['grams']);
            $count += $sheet['discs'];
            $left = $unrolled + $offcuts;
            // What is gathered is as dry as its parts: the offcuts that lay open, and the lump that did not.
            $driftPoints = $left > 0 ? ($driftPoints * $unrolled + $drier * $offcuts) / $left : $drier;
            $generations[] = new CutSheet(
                grams: $sheet['grams'],
                widthMillimetres: $sheet['width'],
                depthMillimetres: $sheet['depth'],
                places: $sheet['places'],
                offcutGrams: $sheet['grams'] - $sheet['discs'] * $this->discGrams(),
                drierByPoints: $driftPoints,
                workInWaterGrams: $driftPoints / 100 * $flourShare * $left,
            );
        }

        return new CutDough($this->discGrams(), $count, $generations, $left, $this->lastPiece($left));
    }

    /** @return array{grams: float, width: float, depth: float, square_metres: float, discs: int, places: list<array{x: float, y: float}>} */
    private function sheet(float $doughGrams): array
    {
        $most = $this->boardMillimetres ** 2 * $this->thicknessMillimetres * $this->gramsPerMillilitre / 1000;
        $grams = min($doughGrams, $most);
        $area = $grams * 1000 / ($this->gramsPerMillilitre * $this->thicknessMillimetres);
        $best = ['width' => sqrt($area), 'depth' => sqrt($area), 'places' => []];
        // A pin rolls to any rectangle: whole numbers of discs across are tried, and the square.
        for ($across = 1; $across <= 40; $across++) {
            $width = $across * ($this->cutterMillimetres + self::GAP_MILLIMETRES) / (1 - self::RAGGED_SHARE);
            $depth = $area / $width;
            if ($width > $this->boardMillimetres || $depth > $this->boardMillimetres) {
                continue;
            }
            $places = $this->places($width, $depth);
            $best = count($places) > count($best['places']) ? ['width' => $width, 'depth' => $depth, 'places' => $places] : $best;
        }
        $square = $this->places(sqrt($area), sqrt($area));
        $best = count($square) > count($best['places']) ? ['width' => sqrt($area), 'depth' => sqrt($area), 'places' => $square] : $best;

        $best = $this->trimmed($best);
        $used = $best['width'] * $best['depth'];

        return [...$best, 'grams' => $used * $this->thicknessMillimetres * $this->gramsPerMillilitre / 1000, 'square_metres' => $used / 1e6, 'discs' => count($best['places'])];
    }

    /**
     * No more is rolled than the discs need: the rest stays a lump under its cloth, and dries less.
     *
     * @param array{width: float, depth: float, places: list<array{x: float, y: float}>} $sheet
     * @return array{width: float, depth: float, places: list<array{x: float, y: float}>}
     */
    private function trimmed(array $sheet): array
    {
        $reach = fn (string $axis, float $side): float => $sheet['places'] === [] ? $side
            : min($side, (max(0.0, ...array_column($sheet['places'], $axis)) + $this->cutterMillimetres / 2) / (1 - self::RAGGED_SHARE / 2));

        return ['width' => $reach('x', $sheet['width']), 'depth' => $reach('y', $sheet['depth']), 'places' => $sheet['places']];
    }

    /** @return list<array{x: float, y: float}> middles from the corner of the sheet, in mm */
    private function places(float $width, float $depth): array
    {
        $rim = self::RAGGED_SHARE / 2;
        $pitch = $this->cutterMillimetres + self::GAP_MILLIMETRES;
        $places = RowLayouts::best($width * (1 - 2 * $rim), $depth * (1 - 2 * $rim), $this->cutterMillimetres, $pitch);

        return array_map(
            static fn (array $place): array => ['x' => round($place['x'] + $rim * $width, 1), 'y' => round($place['y'] + $rim * $depth, 1)],
            $places,
        );
    }

    /** What is left is patted to one smaller piece, if it is worth the heat. */
    private function lastPiece(float $left): ?Disc
    {
        return $left < 0.3 * $this->discGrams() ? null : Disc::ofWeightAndThickness($left, $this->thicknessMillimetres, $this->gramsPerMillilitre);
    }
}
