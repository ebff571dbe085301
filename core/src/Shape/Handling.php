<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\School\Shaping;

/** How the disc is made: where to put the ball, the guide, the liner, how thin this dough can go, and what the tools allow. */
final readonly class Handling
{
    /** A lever press throws dough from its hinge; the ball goes this share of the disc's width towards it. Planning estimate. */
    private const TOWARDS_HINGE = 0.06;

    /** @param float $bindingShare the dough's binding over what its shaping needs */
    public function __construct(
        private Disc $disc,
        private Shaping $shaping,
        private ?float $pressPlateMillimetres,
        private float $thinnestOfStyleMillimetres,
        private float $bindingShare,
        private Carrying $carrying,
        private Oblong $oblong,
    ) {
    }

    /** A dough with less hold than it needs must stay thicker, one with more can go thinner, each by the root. Planning estimate. */
    public function thinnestMillimetres(): float
    {
        return $this->thinnestOfStyleMillimetres * max(0.75, min(2.0, 1 / sqrt(max(0.05, $this->bindingShare))));
    }

    public function holds(): bool
    {
        return $this->disc->thicknessMillimetres >= $this->thinnestMillimetres() - 1e-6;
    }

    /** How far the ball goes from the middle towards the hinge; null without one. */
    public function towardsHingeMillimetres(): ?float
    {
        return $this->shaping === Shaping::LeverPress ? self::TOWARDS_HINGE * $this->disc->diameterMillimetres : null;
    }

    /** Height of the guides that a pin runs on; null where none does. */
    public function guideMillimetres(): ?float
    {
        return $this->shaping === Shaping::RollingPin || $this->shaping === Shaping::Cutter ? $this->disc->thicknessMillimetres + $this->carrying->linersMillimetres() : null;
    }

    /** How wide the ball is before it is flattened; null for what is poured. */
    public function ballMillimetres(): ?float
    {
        return $this->shaping->isPortioned() ? 2 * (3 * $this->disc->grams * 1000 / (4 * M_PI * $this->disc->gramsPerMillilitre)) ** (1 / 3) : null;
    }

    /** What the press allows; null without a press that is wide enough to press in. */
    public function press(): ?PressLimits
    {
        $press = $this->pressing();

        return $press === null || $press->widestMillimetres() <= 0 ? null : PressLimits::of((float) $this->pressPlateMillimetres, $press, $this->disc, $this->oblong);
    }

    /** What follows the first press where the round is to become wider than the plate. */
    private function inRing(): ?string
    {
        $presses = $this->pressing()?->presses($this->disc->diameterMillimetres, $this->oblong) ?? 1;

        return $presses === 1 ? null : sprintf('It becomes wider than the plate: move the disc %.0f mm off the middle, press, turn it %.0f° in its liners and press again, %d times round.', $this->pressing()?->offsetMillimetres($this->disc->diameterMillimetres), 360 / $presses, $presses);
    }

    private function pressing(): ?Pressing
    {
        return $this->pressPlateMillimetres === null || ! $this->shaping->isPressed() ? null : new Pressing($this->pressPlateMillimetres);
    }

    /** @return list<string> */
    public function steps(): array
    {
        return match ($this->shaping) {
            Shaping::LeverPress => [
                sprintf('Put the ball %.0f mm from the middle towards the hinge: the press throws dough away from it.', self::TOWARDS_HINGE * $this->disc->diameterMillimetres),
                'Press once, lightly.',
                $this->inRing() ?? 'Turn disc and liners half round and press again, so that both sides are equally thick.',
            ],
            Shaping::TwoPlates => ['Ball between two liners.', 'Press straight down with the flat plate.', $this->inRing() ?? 'Turn a quarter and press again.'],
            Shaping::RollingPin => ['Guides on both sides of the dough.', 'Roll from the middle outwards, a quarter turn each time.', 'Stop when the pin runs on the guides.'],
            Shaping::Cutter => ['Guides on both sides of the dough.', 'Roll until the pin runs on the guides.', 'Cut straight down without twisting; gather the offcuts under a cloth.'],
            Shaping::Palms => ['Wet palms.', 'Pat and turn, thinning the rim last.', 'Close any crack at the rim with a wet thumb.'],
            Shaping::Fingers => ['Oiled fingers, dough on a sheet.', 'Spread from the middle outwards.', 'Poke a hole in the middle where it must cook through.'],
            Shaping::Pour => ['Stir once more.', 'Pour into the middle.', 'Tilt, or spread in one spiral.'],
        };
    }
}
