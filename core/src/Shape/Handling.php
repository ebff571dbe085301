<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\School\Shaping;

/** How the disc is made: where to put the ball, the guide, the liner, how thin this dough can go, and what the tools allow. */
final readonly class Handling
{
    /** A lever press throws dough from its hinge; the ball goes this share of the disc's width towards it. Planning estimate. */
    private const TOWARDS_HINGE = 0.06;

    /** A liner on each side of the disc adds this to the guide, in mm: baking paper or a cut bag. */
    private const LINER_MILLIMETRES = 0.05;

    /** A pressed disc keeps so far from the rim of the plate, in mm. */
    private const RIM_MILLIMETRES = 4.0;

    /** @param float $bindingShare the dough's binding over what its shaping needs */
    public function __construct(
        private Disc $disc,
        private Shaping $shaping,
        private ?float $pressPlateMillimetres,
        private float $thinnestOfStyleMillimetres,
        private float $bindingShare,
        private float $hydrationPointsOverNeed,
    ) {
    }

    /** A dough with less hold than it needs must stay thicker, one with more can go thinner, each by the root. Planning estimate. */
    public function thinnestMillimetres(): float
    {
        return $this->thinnestOfStyleMillimetres * max(0.75, min(2.0, 1 / sqrt(max(0.05, $this->bindingShare))));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $press = $this->shaping === Shaping::LeverPress || $this->shaping === Shaping::TwoPlates ? $this->pressPlateMillimetres : null;
        $widest = $press === null ? null : max(0.0, $press - 2 * self::RIM_MILLIMETRES);

        return [
            'thinnest_mm' => round($this->thinnestMillimetres(), 2),
            'holds' => $this->disc->thicknessMillimetres >= $this->thinnestMillimetres() - 1e-6,
            'towards_hinge_mm' => $this->shaping === Shaping::LeverPress ? round(self::TOWARDS_HINGE * $this->disc->diameterMillimetres) : null,
            'guide_mm' => $this->shaping === Shaping::RollingPin || $this->shaping === Shaping::Cutter
                ? round($this->disc->thicknessMillimetres + 2 * self::LINER_MILLIMETRES, 2) : null,
            'ball_mm' => ! $this->shaping->isPortioned() ? null : round(2 * (3 * $this->disc->grams * 1000 / (4 * M_PI * $this->disc->gramsPerMillilitre)) ** (1 / 3), 1),
            'press' => $widest === null || $widest <= 0 ? null : [
                'plate_mm' => $press,
                'widest_mm' => round($widest, 1),
                'most_grams' => round(Disc::ofDiameterAndThickness($widest, $this->disc->thicknessMillimetres, $this->disc->gramsPerMillilitre)->grams, 1),
                'thinnest_of_piece_mm' => round(Disc::ofWeightAndDiameter($this->disc->grams, $widest, $this->disc->gramsPerMillilitre)->thicknessMillimetres, 2),
                'fits' => $this->disc->diameterMillimetres <= $widest,
            ],
            'steps' => $this->steps(),
            'liner' => $this->liner(),
        ];
    }

    /** @return list<string> */
    private function steps(): array
    {
        return match ($this->shaping) {
            Shaping::LeverPress => [
                sprintf('Put the ball %.0f mm from the middle towards the hinge: the press throws dough away from it.', self::TOWARDS_HINGE * $this->disc->diameterMillimetres),
                'Press once, lightly.',
                'Turn disc and liners half round and press again, so that both sides are equally thick.',
            ],
            Shaping::TwoPlates => ['Ball between two liners.', 'Press straight down with the flat plate.', 'Turn a quarter and press again.'],
            Shaping::RollingPin => ['Guides on both sides of the dough.', 'Roll from the middle outwards, a quarter turn each time.', 'Stop when the pin runs on the guides.'],
            Shaping::Cutter => ['Guides on both sides of the dough.', 'Roll until the pin runs on the guides.', 'Cut straight down without twisting; gather the offcuts under a cloth.'],
            Shaping::Palms => ['Wet palms.', 'Pat and turn, thinning the rim last.', 'Close any crack at the rim with a wet thumb.'],
            Shaping::Fingers => ['Oiled fingers, dough on a sheet.', 'Spread from the middle outwards.', 'Poke a hole in the middle where it must cook through.'],
            Shaping::Pour => ['Stir once more.', 'Pour into the middle.', 'Tilt, or spread in one spiral.'],
        };
    }

    private function liner(): string
    {
        return match (true) {
            ! $this->shaping->needsLiner() => 'No liner.',
            $this->hydrationPointsOverNeed > 2 => 'The dough is on the wet side: a cut plastic bag lets go best; peel it slowly, disc on the palm. Never onto a hot surface.',
            $this->bindingShare < 1 => 'It holds little: two sheets of baking paper, and lay it with the paper, which comes off after the first turn of the wrist. Plastic never onto a hot surface.',
            default => 'A cut plastic bag or two sheets of baking paper. Peel off one, turn over, peel off the other. Plastic never onto a hot surface.',
        };
    }
}
