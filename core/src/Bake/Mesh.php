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

    private const COARSE_LAYERS = 8;

    private const MOST_SCALE = 4.0;

    private const FIRST_STEP = 0.03;

    private const GROWTH = 1.12;

    /** Longest step for a bread of 2 mm; it grows with thickness, since a thick bread is slower. */
    private const LONGEST_STEP = 1.0;

    /** Under the broiler the open face dries and browns within a second: steps are at most so long a part of the usual. */
    private const BROILED_SHARE = 0.4;

    /** A lie of many minutes: from the first figure on steps lengthen with it, to so many times the usual, never past the last. */
    private const CALM_SECONDS = 300.0;

    private const MOST_CALM = 3.0;

    private const LONGEST_OF_ALL = 8.0;

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

    /** To within a kelvin of the metal: where a search that is polished afterwards begins. */
    public static function coarse(): self
    {
        return new self(self::COARSE_LAYERS, self::MOST_SCALE);
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

    public function firstStep(float $thicknessMillimetres): float
    {
        return self::FIRST_STEP * $this->stepScale * self::slowness($thicknessMillimetres);
    }

    /** @param float $calmSeconds since something was last done to the bread: what changes slowly may be followed in longer steps */
    public function longestStep(float $thicknessMillimetres, float $calmSeconds = 0.0, bool $isBroiled = false): float
    {
        $pace = $isBroiled ? self::BROILED_SHARE : min(self::MOST_CALM, max(1.0, $calmSeconds / self::CALM_SECONDS));

        return min(self::LONGEST_OF_ALL, $pace * self::LONGEST_STEP * $this->stepScale * self::slowness($thicknessMillimetres));
    }

    /** Each step is so many times the last: steps grow in proportion to the time since the touch, and coarse ones faster. */
    public function growth(): float
    {
        return self::GROWTH ** $this->stepScale;
    }

    /** Layers times steps that so many seconds on the metal take, about. */
    public function work(float $thicknessMillimetres, float $seconds): float
    {
        return $this->layers * $seconds / $this->longestStep($thicknessMillimetres);
    }

    private static function slowness(float $thicknessMillimetres): float
    {
        return min(1.2, max(0.6, $thicknessMillimetres / 2));
    }
}
