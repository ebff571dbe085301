<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

use StoneMill\Bake\Burner;
use StoneMill\Bake\Metal;
use StoneMill\Exchange\Node;
use StoneMill\Plan\KnobSetting;
use StoneMill\Plan\Limits;
use StoneMill\Shape\PlateShape;

/**
 * A griddle, press, pan or scale, as its kitchen describes it. It keeps its identifier whatever is said of it; two griddles alike are two.
 *
 * @phpstan-type Told array{shape?: string, diameter_mm?: float, width_mm?: float, depth_mm?: float, resolution_grams?: float, count?: int, metal?: string, thickness_mm?: float, burner?: string, burner_watts?: float, preheat_seconds?: float, id?: string, settings?: non-empty-list<array{name: string, value: float, deviation: float, batches: int}>}
 */
final readonly class Tool
{
    public const LONGEST_NAME = 80;

    /**
     * @param PlateShape|null $shape of a griddle
     * @param float|null $diameterMillimetres of what is round
     * @param int|null $count of pans alike
     */
    public function __construct(
        public ToolKind $kind,
        public ?PlateShape $shape,
        public ?float $diameterMillimetres,
        public ?float $widthMillimetres,
        public ?float $depthMillimetres,
        public ?float $resolutionGrams,
        public ?int $count,
        public ?Metal $metal,
        public ?float $metalMillimetres,
        public ?Burner $burner,
        public ?float $burnerWatts,
    ) {
    }

    /** What is wrong with it goes to the findings of the node; null where nobody can tell what kind of tool it is. */
    public static function read(Node $node): ?self
    {
        $kind = $node->at('kind')->knownChoice(ToolKind::class);
        if ($kind === null) {
            return null;
        }
        $isGriddle = $kind === ToolKind::Griddle;
        $shape = $isGriddle ? $node->at('shape')->choice(PlateShape::class) : null;
        $isOblong = $shape === PlateShape::Rectangle;

        return new self(
            $kind,
            $shape,
            $isOblong || $kind === ToolKind::Scale ? null : $node->at('diameter_mm')->number(...self::diameters($kind)),
            $isOblong ? $node->at('width_mm')->number(Limits::LEAST_PLATE_MM, Limits::MOST_PLATE_MM, 'mm') : null,
            $isOblong ? $node->at('depth_mm')->number(Limits::LEAST_PLATE_MM, Limits::MOST_PLATE_MM, 'mm') : null,
            $kind === ToolKind::Scale ? $node->at('resolution_grams')->number(Limits::LEAST_RESOLUTION_GRAMS, Limits::MOST_RESOLUTION_GRAMS, 'g') : null,
            $kind === ToolKind::Pan ? $node->at('count')->optionalInteger(1, Limits::PANS) ?? 1 : null,
            $isGriddle ? $node->at('metal')->optionalChoice(Metal::class) ?? Metal::CastIron : null,
            $isGriddle ? $node->at('thickness_mm')->optionalNumber(Limits::LEAST_METAL_MM, Limits::MOST_METAL_MM, 'mm') : null,
            $isGriddle ? $node->at('burner')->optionalChoice(Burner::class) ?? Burner::Home : null,
            $isGriddle ? $node->at('burner_watts')->optionalNumber(Limits::LEAST_WATTS, Limits::MOST_WATTS, 'W') : null,
        );
    }

    /**
     * As a plan request names it.
     *
     * @param string|null $id of a griddle, so that its record finds the batch again
     * @param float|null $preheatSeconds as a griddle was timed
     * @param list<KnobSetting> $settings of its knob, with the heat they come to
     * @return Told
     */
    public function told(?string $id, ?float $preheatSeconds, array $settings): array
    {
        $isGriddle = $this->kind === ToolKind::Griddle;

        return array_filter([
            'shape' => $this->shape?->value,
            'diameter_mm' => $this->diameterMillimetres,
            'width_mm' => $this->widthMillimetres,
            'depth_mm' => $this->depthMillimetres,
            'resolution_grams' => $this->resolutionGrams,
            'count' => $this->count,
            'metal' => $this->metal?->value,
            'thickness_mm' => $this->metalMillimetres,
            'burner' => $this->burner?->value,
            'burner_watts' => $this->burnerWatts,
            'preheat_seconds' => $isGriddle ? $preheatSeconds : null,
            'id' => $isGriddle ? $id : null,
            'settings' => $isGriddle ? array_map(static fn (KnobSetting $one): array => $one->toRequest(), $settings) : null,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return array{float, float, string} */
    private static function diameters(ToolKind $kind): array
    {
        return match ($kind) {
            ToolKind::Press => [Limits::LEAST_DIAMETER_MM, Limits::MOST_PRESS_MM, 'mm'],
            ToolKind::Pan => [Limits::LEAST_PLATE_MM, Limits::MOST_PAN_MM, 'mm'],
            ToolKind::Griddle, ToolKind::Scale => [Limits::LEAST_PLATE_MM, Limits::MOST_PLATE_MM, 'mm'],
        };
    }
}
