<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Exchange\Node;
use StoneMill\Measure\Exception\OutOfRange;

/** A pan for batter: round with straight or sloping sides, or rectangular. */
final readonly class Pan
{
    private function __construct(
        public PlateShape $shape,
        private float $baseWidth,
        private float $baseDepth,
        private float $slope,
        public float $heightMillimetres,
    ) {
    }

    /**
     * @param float $rimMillimetres diameter at the top
     *
     * @throws OutOfRange If a measure is not positive or the rim is narrower than the base.
     */
    public static function round(float $baseMillimetres, float $rimMillimetres, float $heightMillimetres): self
    {
        OutOfRange::guard('base of the pan in mm', $baseMillimetres, 30, 2000);
        OutOfRange::guard('rim of the pan in mm', $rimMillimetres, $baseMillimetres, 3 * $baseMillimetres);
        OutOfRange::guard('height of the pan in mm', $heightMillimetres, 2, 300);

        return new self(PlateShape::Round, $baseMillimetres, $baseMillimetres, ($rimMillimetres - $baseMillimetres) / 2 / $heightMillimetres, $heightMillimetres);
    }

    /** @throws OutOfRange If a measure is not positive. */
    public static function rectangle(float $widthMillimetres, float $depthMillimetres, float $heightMillimetres): self
    {
        OutOfRange::guard('width of the pan in mm', $widthMillimetres, 30, 2000);
        OutOfRange::guard('depth of the pan in mm', $depthMillimetres, 30, 2000);
        OutOfRange::guard('height of the pan in mm', $heightMillimetres, 2, 300);

        return new self(PlateShape::Rectangle, $widthMillimetres, $depthMillimetres, 0.0, $heightMillimetres);
    }

    public static function read(Node $node): ?self
    {
        $node->object(['shape', 'base_mm', 'rim_mm', 'width_mm', 'depth_mm', 'height_mm']);
        $shape = $node->at('shape')->choice(PlateShape::class);
        $height = $node->at('height_mm')->optionalNumber(2, 300, 'mm') ?? 40.0;
        if ($shape === PlateShape::Rectangle) {
            $width = $node->at('width_mm')->number(60, 2000, 'mm');
            $depth = $node->at('depth_mm')->number(60, 2000, 'mm');

            return $width >= 60 && $depth >= 60 ? self::rectangle($width, $depth, $height) : null;
        }
        $base = $node->at('base_mm')->number(60, 2000, 'mm');
        $rim = $node->at('rim_mm')->optionalNumber($base, 3 * $base, 'mm, not narrower than the base') ?? $base;

        return $base >= 60 && $rim >= $base ? self::round($base, $rim, $height) : null;
    }

    /** mL up to this height in mm: for a sloping side the frustum of a cone. */
    public function millilitresTo(float $millimetres): float
    {
        if ($this->shape === PlateShape::Rectangle) {
            return $this->baseWidth * $this->baseDepth * $millimetres / 1000;
        }
        $low = $this->baseWidth / 2;
        $high = $low + $this->slope * $millimetres;

        return M_PI * $millimetres * ($low ** 2 + $low * $high + $high ** 2) / 3000;
    }

    /** Height in mm that so much batter stands at; by Newton's rule, as the volume only grows. */
    public function depthOf(float $millilitres): float
    {
        $depth = 1000 * $millilitres / ($this->shape === PlateShape::Rectangle ? $this->baseWidth * $this->baseDepth : M_PI * ($this->baseWidth / 2) ** 2);
        for ($round = 0; $round < 30; $round++) {
            $width = $this->baseWidth / 2 + $this->slope * $depth;
            $area = $this->shape === PlateShape::Rectangle ? $this->baseWidth * $this->baseDepth : M_PI * $width ** 2;
            $depth = max(0.0, $depth - 1000 * ($this->millilitresTo($depth) - $millilitres) / $area);
        }

        return $depth;
    }
}
