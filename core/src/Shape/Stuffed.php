<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * A filled bread: a disc of dough is opened, closed over a ball of filling and pressed flat. Volumes are kept; the smooth side gets
 * less of the dough than the side where the folds meet, and the rim what is drawn along.
 */
final readonly class Stuffed
{
    /** Of the dough over both flat sides, the smooth one has this share. Planning estimate. */
    private const SMOOTH_SHARE = 0.42;

    /** Dough that gathers in the rim. Planning estimate. */
    private const RIM_SHARE = 0.12;

    /** Room left at the rim of the opening disc for closing. */
    private const CLOSING = 1.12;

    /** Thinnest wall that a dough with just the binding it needs still holds, in mm. Planning estimate. */
    private const WALL_MILLIMETRES = 1.1;

    private function __construct(
        public float $doughGrams,
        public float $fillingGrams,
        public float $thicknessMillimetres,
        private float $doughDensity,
        private float $fillingDensity,
        private float $bindingShare,
    ) {
    }

    /**
     * @param float $bindingShare the dough's binding over what stuffing needs
     *
     * @throws OutOfRange If there is no dough, more filling than three times it, or a measure is not positive.
     */
    public static function of(float $doughGrams, float $fillingGrams, float $thicknessMillimetres, float $doughDensity, float $fillingDensity, float $bindingShare): self
    {
        OutOfRange::guard('dough of a piece in g', $doughGrams, 1, 1e4);
        OutOfRange::guard('filling of a piece in g', $fillingGrams, 0.1, 3 * $doughGrams);
        OutOfRange::guard('thickness in mm', $thicknessMillimetres, 1, 60);
        OutOfRange::guard('binding over need', $bindingShare, 0.05, 20);

        return new self($doughGrams, $fillingGrams, $thicknessMillimetres, $doughDensity, $fillingDensity, $bindingShare);
    }

    public function fillingPercent(): float
    {
        return 100 * $this->fillingGrams / $this->doughGrams;
    }

    /** Diameter of the finished piece in mm: all volume at its thickness. */
    public function diameterMillimetres(): float
    {
        return sqrt(4 * ($this->doughMillilitres() + $this->fillingMillilitres()) * 1000 / (M_PI * $this->thicknessMillimetres));
    }

    /** Radius of the ball of filling in mm. */
    public function fillingRadiusMillimetres(): float
    {
        return (3 * $this->fillingMillilitres() * 1000 / (4 * M_PI)) ** (1 / 3);
    }

    /** The disc that closes over the filling: half its girth on each side of the middle, and room to pinch. */
    public function openingMillimetres(): float
    {
        return 2 * M_PI * $this->fillingRadiusMillimetres() * self::CLOSING;
    }

    public function openingThicknessMillimetres(): float
    {
        return Disc::ofWeightAndDiameter($this->doughGrams, $this->openingMillimetres(), $this->doughDensity)->thicknessMillimetres;
    }

    /** @return array{smooth: float, folded: float, rim: float} wall in mm */
    public function walls(): array
    {
        $flat = (1 - self::RIM_SHARE) * $this->doughMillilitres() / ($this->doughMillilitres() + $this->fillingMillilitres()) * $this->thicknessMillimetres;
        // The rim is a ring as high as the piece.
        $outer = $this->diameterMillimetres() / 2;
        $ring = self::RIM_SHARE * $this->doughMillilitres() * 1000 / (M_PI * $this->thicknessMillimetres);

        return [
            'smooth' => self::SMOOTH_SHARE * $flat,
            'folded' => (1 - self::SMOOTH_SHARE) * $flat,
            'rim' => $outer - sqrt(max(0.0, $outer ** 2 - $ring)),
        ];
    }

    /** Thinnest wall in mm that this binding holds; more binding holds a thinner one. */
    public function leastWallMillimetres(): float
    {
        return self::WALL_MILLIMETRES / sqrt($this->bindingShare);
    }

    /**
     * Thinnest that this much filling is pressed to with its smooth wall whole, in mm.
     *
     * @param float $reserve how many times the least wall is left
     */
    public function leastThicknessMillimetres(float $reserve = 1.0): float
    {
        $doughShare = $this->doughMillilitres() / ($this->doughMillilitres() + $this->fillingMillilitres());

        return $reserve * $this->leastWallMillimetres() / (self::SMOOTH_SHARE * (1 - self::RIM_SHARE) * $doughShare);
    }

    public function pressedTo(float $thicknessMillimetres): self
    {
        return self::of($this->doughGrams, $this->fillingGrams, $thicknessMillimetres, $this->doughDensity, $this->fillingDensity, $this->bindingShare);
    }

    /** The closed and pressed piece as a round. */
    public function disc(): Disc
    {
        return Disc::ofWeightAndThickness($this->doughGrams + $this->fillingGrams, $this->thicknessMillimetres, $this->gramsPerMillilitre());
    }

    /** The same pressed so wide. */
    public function pressedToDiameter(float $millimetres): self
    {
        return $this->pressedTo(Disc::ofWeightAndDiameter($this->doughGrams + $this->fillingGrams, $millimetres, $this->gramsPerMillilitre())->thicknessMillimetres);
    }

    /** Of the closed piece. */
    private function gramsPerMillilitre(): float
    {
        return ($this->doughGrams + $this->fillingGrams) / ($this->doughMillilitres() + $this->fillingMillilitres());
    }

    /** Most filling in g that this dough holds at this thickness. */
    public function mostFillingGrams(): float
    {
        // smooth = c · V_d / (V_d + V_f) · t, solved for V_f at the least wall.
        $reach = self::SMOOTH_SHARE * (1 - self::RIM_SHARE) * $this->thicknessMillimetres / $this->leastWallMillimetres();

        return max(0.0, ($reach - 1) * $this->doughMillilitres() * $this->fillingDensity);
    }

    /** @return string where it gives way first: smooth, folded or rim */
    public function weakest(): string
    {
        $walls = $this->walls();

        return (string) array_search(min($walls), $walls, true);
    }

    public function holds(): bool
    {
        return min($this->walls()) >= $this->leastWallMillimetres();
    }

    public function inWords(): string
    {
        $place = match ($this->weakest()) {
            'rim' => 'at the rim, where it is drawn over the filling',
            'folded' => 'where the folds meet',
            default => 'in the middle of the smooth side',
        };

        return $this->holds()
            ? sprintf('It holds. Were it to give way, then %s: lay that side first and press from the middle outwards.', $place)
            : sprintf('It will burst %s: the wall is %.1f mm and this dough holds %.1f mm. Take at most %.0f g of filling, leave it thicker, or bind it more.', $place, min($this->walls()), $this->leastWallMillimetres(), $this->mostFillingGrams());
    }

    private function doughMillilitres(): float
    {
        return $this->doughGrams / $this->doughDensity;
    }

    private function fillingMillilitres(): float
    {
        return $this->fillingGrams / $this->fillingDensity;
    }
}
