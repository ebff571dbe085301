<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\Physics;
use StoneMill\Bake\Steam;
use StoneMill\Bake\Surround;
use StoneMill\Measure\Spread;

/**
 * How long a hot dough takes until hands can work it, by the air, the glow and above all the steam that its surface gives off, which are
 * those of a bread's open face. A piece of half-thickness L cools through its own inside to its surface:
 *
 *   ρ c L dT/dt = − b k/L (T − T_s),   b k/L (T − T_s) = h (T_s − T_room) + ε σ (T_s⁴ − T_room⁴) + k_m (ρ_sat(T_s) − ρ_air) · r
 *
 * with b = 3 for a slab and 5/3 for a ball over its volume by surface. Quickest spread open, likely broken up with a spoon, slowest left as one lump.
 */
final readonly class HandWarm
{
    public const CELSIUS = 45.0;

    /** Volumetric heat capacity of a wet dough, J/(m³·K): 1150 kg/m³ at 3000 J/(kg·K). */
    private const VOLUMETRIC_HEAT = 3.45e6;

    private const KILOGRAM_PER_CUBIC_METRE = 1150.0;

    /** Of a wet dough, W/(m·K). Planning estimate between water and dry flour. */
    private const CONDUCTIVITY = 0.45;

    /** Spread open on a board it lies 15 mm deep and cools on one side; a spoon leaves lumps of about 3 cm. Planning estimates. */
    private const SPREAD_METRES = 0.015;

    private const LUMP_METRES = 0.015;

    /** What brings the heat of the inside to the surface, in conductivities over the depth: of a slab, and of a ball over a third of its radius. */
    private const SLAB = 3.0;

    private const BALL = 5 / 3;

    private const STEP_KELVIN = 2.0;

    /** Halvings until the surface is known to a thousandth of a kelvin. */
    private const ROUNDS = 16;

    /** Minutes, shortest, likely and longest; zero where it already is hand-warm. */
    public static function minutes(float $doughCelsius, float $doughGrams, float $roomCelsius): Spread
    {
        if ($doughCelsius <= self::CELSIUS) {
            return Spread::exactly(0.0);
        }
        // Of a ball, its volume over its surface: a third of the radius.
        $ball = (3 * $doughGrams / 1000 / self::KILOGRAM_PER_CUBIC_METRE / (4 * M_PI)) ** (1 / 3) / 3;
        $lump = min(self::LUMP_METRES, max(self::SPREAD_METRES / 2, $ball));
        $physics = new Physics;
        $around = new Surround($roomCelsius, $physics->openConvection, $roomCelsius, (new KitchenAir($roomCelsius))->roomVapourDensity, $physics->emissivity);
        $minutes = static fn (float $depth, float $brings): float => self::seconds($doughCelsius, $depth, $brings, $around) / 60;
        $likely = $minutes($lump, self::SLAB);

        return Spread::of(min($likely, $minutes(self::SPREAD_METRES / 2, self::SLAB)), $likely, max($likely, $minutes($ball, self::BALL)));
    }

    private static function seconds(float $celsius, float $depth, float $brings, Surround $around): float
    {
        $seconds = 0.0;
        while ($celsius > self::CELSIUS) {
            $fall = min(self::STEP_KELVIN, $celsius - self::CELSIUS);
            $seconds += self::VOLUMETRIC_HEAT * $depth * $fall / self::given($celsius - $fall / 2, $depth, $brings, $around);
            $celsius -= $fall;
        }

        return $seconds;
    }

    /** W/m² that a piece of this mean temperature gives off: what its surface can give meets what its inside can bring. */
    private static function given(float $celsius, float $depth, float $brings, Surround $around): float
    {
        $inside = $brings * self::CONDUCTIVITY / $depth;
        [$low, $high] = [$around->airCelsius, $celsius];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $surface = ($low + $high) / 2;
            self::off($surface, $around) > $inside * ($celsius - $surface) ? $high = $surface : $low = $surface;
        }

        return $inside * ($celsius - ($low + $high) / 2);
    }

    private static function off(float $surfaceCelsius, Surround $around): float
    {
        $vapour = max(0.0, $around->massTransfer * (Steam::densityAt($surfaceCelsius) - $around->vapourDensity));

        return ($around->convection + $around->radiation($surfaceCelsius)) * ($surfaceCelsius - $around->airCelsius) + $vapour * Steam::vapourEnthalpy($surfaceCelsius);
    }
}
