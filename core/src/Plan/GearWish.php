<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Bake\Burner;
use StoneMill\Bake\Metal;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Cup;
use StoneMill\Measure\SpoonSet;
use StoneMill\Shape\Oblong;
use StoneMill\Shape\Packing;
use StoneMill\Shape\PlateShape;

/** The tools of one batch, as far as they set limits. */
final readonly class GearWish
{
    private const GAP_MILLIMETRES = 8.0;

    private const BETWEEN_PANS_MILLIMETRES = 40.0;

    /** A baking tray of a home oven. */
    private const TRAY_MILLIMETRES = [400.0, 350.0];

    /**
     * @param array{shape: PlateShape, width: float, depth: float}|null $griddle width is the diameter of a round one
     * @param int $pans alike, for what is poured
     * @param float|null $preheatSeconds as the griddle was timed
     * @param string|null $griddleId of the griddle in the kitchen, so that its record finds it again
     * @param list<KnobSetting> $settings of its knob that were calibrated
     */
    private function __construct(
        public ?array $griddle,
        public Metal $metal,
        public ?float $metalMillimetres,
        public Burner $burner,
        public ?float $burnerWatts,
        public ?float $preheatSeconds,
        public ?float $pressMillimetres,
        public ?float $panMillimetres,
        public int $pans,
        public float $scaleResolutionGrams,
        public OvenWish $oven,
        public ?Cup $cup,
        public SpoonSet $spoons,
        public ?string $griddleId,
        public array $settings,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->object(['griddle', 'press', 'pan', 'scale', 'oven', 'cup', 'spoon']);
        $griddle = $node->at('griddle')->object(['shape', 'diameter_mm', 'width_mm', 'depth_mm', 'metal', 'thickness_mm', 'burner', 'burner_watts', 'preheat_seconds', 'id', 'settings']);
        $press = $node->at('press')->object(['diameter_mm']);
        $pan = $node->at('pan')->object(['diameter_mm', 'count']);
        $scale = $node->at('scale')->object(['resolution_grams']);

        return new self(
            self::readGriddle($griddle),
            $griddle->at('metal')->optionalChoice(Metal::class) ?? Metal::CastIron,
            $griddle->at('thickness_mm')->optionalNumber(Limits::LEAST_METAL_MM, Limits::MOST_METAL_MM, 'mm'),
            $griddle->at('burner')->optionalChoice(Burner::class) ?? Burner::Home,
            $griddle->at('burner_watts')->optionalNumber(Limits::LEAST_WATTS, Limits::MOST_WATTS, 'W'),
            $griddle->at('preheat_seconds')->optionalNumber(0, Limits::MOST_PREHEAT_SECONDS, 's'),
            $press->isAbsent() ? null : $press->at('diameter_mm')->number(Limits::LEAST_DIAMETER_MM, Limits::MOST_PRESS_MM, 'mm'),
            $pan->isAbsent() ? null : $pan->at('diameter_mm')->number(Limits::LEAST_PLATE_MM, Limits::MOST_PAN_MM, 'mm'),
            $pan->at('count')->optionalInteger(1, Limits::PANS) ?? 1,
            $scale->at('resolution_grams')->optionalNumber(Limits::LEAST_RESOLUTION_GRAMS, Limits::MOST_RESOLUTION_GRAMS, 'g') ?? 1.0,
            OvenWish::read($node->at('oven')),
            $node->at('cup')->optionalChoice(Cup::class),
            $node->at('spoon')->optionalChoice(SpoonSet::class) ?? SpoonSet::Metric,
            $griddle->at('id')->optionalText(60),
            KnobSetting::readAll($griddle->at('settings')),
        );
    }

    /** The same where what is poured cooks in pans of its own: no griddle, and no knob that was calibrated for one. */
    public function inPans(): self
    {
        return $this->panMillimetres === null ? $this
            : new self(null, $this->metal, $this->metalMillimetres, $this->burner, null, null, $this->pressMillimetres, $this->panMillimetres, $this->pans, $this->scaleResolutionGrams, $this->oven, $this->cup, $this->spoons, null, []);
    }

    public function usesPans(): bool
    {
        return $this->griddle === null && $this->panMillimetres !== null;
    }

    /** Places on the griddle for discs of this size; at least one, since a disc too large is a warning, not an end. */
    public function packing(float $discMillimetres, Oblong $oblong): Packing
    {
        if ($this->griddle === null && $this->panMillimetres !== null && $this->pans > 1) {
            return Packing::apart($this->pans, $this->panMillimetres + self::BETWEEN_PANS_MILLIMETRES);
        }
        $griddle = $this->griddle ?? ['shape' => PlateShape::Round, 'width' => $this->panMillimetres ?? $discMillimetres, 'depth' => 0.0];
        $packing = Packing::on($griddle['shape'], $griddle['width'], $griddle['depth'], $discMillimetres, $oblong, self::GAP_MILLIMETRES);

        return $packing->places === [] ? Packing::onRound($discMillimetres, $discMillimetres, 0.0) : $packing;
    }

    /** Pieces that finish together: as many as were said or a tray has room for, and no more than there are pans where they stay in them. */
    public function ovenHolds(float $discMillimetres, Oblong $oblong): int
    {
        [$width, $depth] = self::TRAY_MILLIMETRES;
        $room = $this->oven->holds ?? max(1, count(Packing::on(PlateShape::Rectangle, $width, $depth, $discMillimetres, $oblong, self::GAP_MILLIMETRES)->places));

        return $this->usesPans() ? min($room, $this->pans) : $room;
    }

    /** Area of the hot surface; where nothing was said, a little more than the disc. */
    public function areaSquareMillimetres(float $discMillimetres): float
    {
        return match (true) {
            $this->griddle === null => $this->pans * M_PI / 4 * ($this->panMillimetres ?? 1.2 * $discMillimetres) ** 2,
            $this->griddle['shape'] === PlateShape::Round => M_PI / 4 * $this->griddle['width'] ** 2,
            default => $this->griddle['width'] * $this->griddle['depth'],
        };
    }

    /** The setting of the knob that comes nearest to a heat; null where none was calibrated. */
    public function settingNear(float $celsius): ?KnobSetting
    {
        $nearest = null;
        foreach ($this->settings as $setting) {
            if ($nearest === null || abs($setting->heat->value - $celsius) < abs($nearest->heat->value - $celsius)) {
                $nearest = $setting;
            }
        }

        return $nearest;
    }

    /** W/m² with the flame open, where its power was said. */
    public function mostPower(float $discMillimetres): ?float
    {
        return $this->burnerWatts === null ? null : Burner::power($this->burnerWatts, $this->areaSquareMillimetres($discMillimetres) / 1e6);
    }

    /** The widest disc that the griddle or pan can take, or null where nothing was said. */
    public function widestMillimetres(): ?float
    {
        return match (true) {
            $this->griddle === null => $this->panMillimetres,
            $this->griddle['shape'] === PlateShape::Round => $this->griddle['width'],
            default => min($this->griddle['width'], $this->griddle['depth']),
        };
    }

    /** @return array{shape: PlateShape, width: float, depth: float}|null */
    private static function readGriddle(Node $node): ?array
    {
        if ($node->isAbsent()) {
            return null;
        }
        $shape = $node->at('shape')->choice(PlateShape::class);
        $measure = static fn (string $name, PlateShape $of): float => $node->at($name)->numberWhere($shape === $of, Limits::LEAST_PLATE_MM, Limits::MOST_PLATE_MM, 'mm');
        $diameter = $measure('diameter_mm', PlateShape::Round);
        [$width, $depth] = [$measure('width_mm', PlateShape::Rectangle), $measure('depth_mm', PlateShape::Rectangle)];

        return match ($shape) {
            PlateShape::Round => ['shape' => $shape, 'width' => $diameter, 'depth' => 0.0],
            PlateShape::Rectangle => ['shape' => $shape, 'width' => $width, 'depth' => $depth],
        };
    }
}
