<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;

/** How finely a run is cut in depth and time. Layers are thin at both faces, where crusts form, and thicker inside. */
final readonly class Mesh
{
    /** 0 would make all layers equal, 1 the faces' vanishingly thin. Thicker breads are crowded more: a crust is as thin on them. */
    private const CROWDING = 0.45;

    private const CROWDING_PER_MILLIMETRE = 0.05;

    private const MOST_CROWDING = 0.75;

    private const THIN_LAYERS = 16;

    private const THIN_MILLIMETRES = 6.0;

    private const LAYERS_PER_MILLIMETRE = 2.7;

    private const ROUGH_LAYERS = 10;

    private const ROUGH_SCALE = 2.0;

    private const MOST_SCALE = 4.0;

    private const FIRST_STEP = 0.03;

    /** Coarse steps grow faster, in proportion to how much longer they are. */
    private const GROWTH = 1.12;

    /** Longest step for a bread of 2 mm; it grows with thickness, since a thick bread is slower, between so many times this. */
    private const LONGEST_STEP = 1.0;

    private const QUICKEST = 0.6;

    private const SLOWEST = 1.4;

    /** @throws OutOfRange If there are fewer than 4 or more than 400 layers, or steps shorter than a hundredth of the usual. */
    public function __construct(public int $layers = 16, public float $stepScale = 1.0)
    {
        OutOfRange::guard('number of layers', $layers, 4, 400);
        OutOfRange::guard('scale of the time steps', $stepScale, 0.01, self::MOST_SCALE);
    }

    /** As fine as it takes that halving layers and steps moves the answer by less than 2 %: thick breads take more layers. */
    public static function fitting(float $thicknessMillimetres): self
    {
        return new self(self::THIN_LAYERS + 2 * (int) round(self::LAYERS_PER_MILLIMETRE / 2 * max(0.0, $thicknessMillimetres - self::THIN_MILLIMETRES)));
    }

    /** Coarse enough to try many bakes, fine enough to tell which is better. */
    public static function rough(float $thicknessMillimetres): self
    {
        return new self(self::ROUGH_LAYERS, min(self::MOST_SCALE, self::ROUGH_SCALE * max(1.0, $thicknessMillimetres / 3)));
    }

    /** The same cut finer, both in depth and in time. */
    public function finer(float $factor): self
    {
        return new self((int) round($this->layers * $factor), $this->stepScale / $factor);
    }

    /** @return list<float> thickness of each layer in metres, from one face to the other */
    public function layersOf(float $thicknessMetres): array
    {
        $crowding = min(self::MOST_CROWDING, self::CROWDING + self::CROWDING_PER_MILLIMETRE * max(0.0, 1000 * $thicknessMetres - 2));
        $edge = fn (int $layer): float => $layer / $this->layers - $crowding * sin(2 * M_PI * $layer / $this->layers) / (2 * M_PI);
        $depths = [];
        for ($layer = 0; $layer < $this->layers; $layer++) {
            $depths[] = $thicknessMetres * ($edge($layer + 1) - $edge($layer));
        }

        return $depths;
    }

    public function steps(float $thicknessMillimetres): Steps
    {
        $scale = $this->stepScale * min(self::SLOWEST, max(self::QUICKEST, $thicknessMillimetres / 2));

        return new Steps(self::FIRST_STEP * $scale, self::LONGEST_STEP * $scale, self::GROWTH ** $this->stepScale);
    }

    /** Layers times steps that so many seconds on the metal take, about. */
    public function work(float $thicknessMillimetres, float $seconds): float
    {
        return $this->layers * $seconds / $this->steps($thicknessMillimetres)->usual;
    }
}
