<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Exchange\Node;
use StoneMill\Measure\Exception\OutOfRange;

/** A pan for batter: round with straight or sloping sides, or rectangular. */
final readonly class Pan
{
    private const LEAST_MM = 60;

    private const MOST_MM = 2000;

    /** A rim is at most so many times as wide as the base. */
    private const WIDEST_RIM = 3;

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
        OutOfRange::guard('rim of the pan in mm', $rimMillimetres, $baseMillimetres, self::WIDEST_RIM * $baseMillimetres);
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
        $measure = static fn (string $name, PlateShape $of): float => $node->at($name)->numberWhere($shape === $of, self::LEAST_MM, self::MOST_MM, 'mm');
        $base = $measure('base_mm', PlateShape::Round);
        [$width, $depth] = [$measure('width_mm', PlateShape::Rectangle), $measure('depth_mm', PlateShape::Rectangle)];
        $rim = $node->at('rim_mm')->optionalNumber(self::LEAST_MM, self::WIDEST_RIM * self::MOST_MM, 'mm');
        if ($shape === PlateShape::Rectangle) {
            return self::rectangle($width, $depth, $height);
        }
        if ($rim !== null && ($rim < $base || $rim > self::WIDEST_RIM * $base)) {
            $node->at('rim_mm')->refuse('A pan does not open like that.', sprintf('from %g to %g mm, by its base', $base, self::WIDEST_RIM * $base));

            return null;
        }

        return self::round($base, $rim ?? $base, $height);
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
