<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Bake\KitchenAir;
use StoneMill\Exchange\Node;
use StoneMill\Griddle\OvenFinish;
use StoneMill\School\PanStart;
use StoneMill\Shape\Disc;

/** The oven of one batch: how hot, how near to the broiler, how the pan is heated, how many at once, and what is put on for a second round. */
final readonly class OvenWish
{
    public const LEAST_CELSIUS = 100;

    public const MOST_CELSIUS = 320;

    public const LEAST_RACK_MM = 40;

    public const MOST_RACK_MM = 400;

    public const MOST_TOPPING_GRAMS = 1000;

    /**
     * What a home broiler throws on a pan, W/m², by how far below it the pan stands: from about 25 kW/m² close by to 5 where only the oven's
     * glow is left, falling by e over 90 mm. Planning estimate within what is measured of household broilers.
     */
    private const LEAST_FLUX = 5000.0;

    private const MORE_FLUX = 20000.0;

    private const NEAREST_MM = 60.0;

    private const FALLS_OVER_MM = 90.0;

    private const USUAL_RACK_MM = 130.0;

    private const SQUARE_MILLIMETRES = 1e6;

    private function __construct(
        public ?float $celsius,
        public ?float $rackMillimetres,
        public PanStart $pan,
        public ?int $holds,
        public float $toppingGrams,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->object(['celsius', 'rack_mm', 'pan', 'holds', 'topping_grams']);

        return new self(
            $node->at('celsius')->optionalNumber(self::LEAST_CELSIUS, self::MOST_CELSIUS, '°C'),
            $node->at('rack_mm')->optionalNumber(self::LEAST_RACK_MM, self::MOST_RACK_MM, 'mm'),
            $node->at('pan')->optionalChoice(PanStart::class) ?? PanStart::Hob,
            $node->at('holds')->optionalInteger(1, Limits::PIECES),
            $node->at('topping_grams')->optionalNumber(0, self::MOST_TOPPING_GRAMS, 'g') ?? 0.0,
        );
    }

    public function air(float $roomCelsius): KitchenAir
    {
        return new KitchenAir($roomCelsius, $this->celsius ?? KitchenAir::USUAL_OVEN_CELSIUS, $this->broilerWatts());
    }

    public function finish(Disc $disc): OvenFinish
    {
        return new OvenFinish($this->pan, $this->toppingGrams / 1000 / (M_PI / 4 * $disc->diameterMillimetres ** 2 / self::SQUARE_MILLIMETRES));
    }

    /** W/m² that reach the bread from the broiler. */
    public function broilerWatts(): float
    {
        $distance = max(0.0, ($this->rackMillimetres ?? self::USUAL_RACK_MM) - self::NEAREST_MM);

        return self::LEAST_FLUX + self::MORE_FLUX * exp(-$distance / self::FALLS_OVER_MM);
    }
}
