<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Pantry\Composition;
use StoneMill\Pantry\Swelling;

/**
 * What a dough is made of, as heat and water meet it: its dry matter's own heat, conductivity and volume by
 * the component equations of Choi and Okos (1986), its water, its air, its swelling range and how readily it colours.
 */
final readonly class Matter
{
    /** Straight lines through the component equations between these two, in °C. */
    private const FROM_CELSIUS = 20.0;

    private const TO_CELSIUS = 160.0;

    /** Conductivity in W/(m·K) as a + b·T + c·T²: protein, fat, carbohydrate, fibre, ash. Choi and Okos (1986). */
    private const CONDUCTIVITY = [
        [0.17881, 1.1958e-3, -2.7178e-6], [0.18071, -2.7604e-4, -1.7749e-7], [0.20141, 1.3874e-3, -4.3312e-6],
        [0.18331, 1.2497e-3, -3.1683e-6], [0.32962, 1.4011e-3, -2.9069e-6],
    ];

    /** Density in kg/m³ as a − b·T: the same components. */
    private const DENSITY = [[1329.9, 0.5184], [925.59, 0.41757], [1599.1, 0.31046], [1311.5, 0.36589], [2423.8, 0.28063]];

    private const REFERENCE_CELSIUS = 30.0;

    /**
     * How readily a dough colours against the published rate for white bread in an oven: a base for starch on metal, and more
     * where sugars, protein and fat beyond 10 % come together, since browning consumes the first two and fat carries heat and carbonyls
     * to them. sp is sugars times protein in (g per 100 g of dry matter)². Planning estimates.
     */
    private const BASE_READINESS = 6.5;

    private const READINESS_WITH_FAT = 160.0;

    private const LEAN = 0.1;

    private const HALF_PRODUCT = 60.0;

    /** From this share of fat in the dry matter on, a dough greases the metal by itself. Planning estimate. */
    private const OILY = 0.25;

    /**
     * @param array{float, float} $solidHeat J/(kg·K) as a + b·T
     * @param array{float, float} $solidConductivity W/(m·K) as a + b·T
     * @param float $readiness browning against white bread in an oven
     * @param bool $isOily whether its own fat greases the metal
     */
    private function __construct(
        public float $waterPerDry,
        public float $solidKilogramPerCubicMetre,
        public float $airShare,
        public array $solidHeat,
        public array $solidConductivity,
        public float $readiness,
        public bool $isOily,
        public ?Swelling $swelling,
    ) {
    }

    /** @throws OutOfRange If hardly any of the dough is dry matter, or most of it air. */
    public static function of(Composition $composition, float $airShare, ?Swelling $swelling): self
    {
        OutOfRange::guard('share of air', $airShare, 0, 0.8);
        $parts = [$composition->proteinGrams, $composition->fatGrams, $composition->carbohydrateGrams, $composition->fibreGrams, $composition->ashGrams];
        $dry = OutOfRange::guard('dry matter in 100 g of dough', array_sum($parts), 2, 100);
        $volumes = array_map(static fn (float $grams, array $line): float => $grams / ($line[0] - $line[1] * self::REFERENCE_CELSIUS), $parts, self::DENSITY);

        return new self(
            $composition->waterGrams / $dry,
            $dry / array_sum($volumes),
            $airShare,
            self::line(static fn (float $celsius): float => 1000 * $composition->drySpecificHeatAt($celsius)),
            self::line(static fn (float $celsius): float => self::mixed($volumes, $celsius)),
            self::readiness($composition->sugarsGrams / $dry, $composition->proteinGrams / $dry, $composition->fatGrams / $dry),
            $composition->fatGrams / $dry >= self::OILY,
            $swelling,
        );
    }

    /** A dry body whose properties do not change, to hold the run against closed solutions. */
    public static function inert(float $kilogramPerCubicMetre, float $heat, float $conductivity): self
    {
        return new self(0.0, $kilogramPerCubicMetre, 0.0, [$heat, 1e-9], [$conductivity, 0.0], 0.0, false, null);
    }

    /** The same dough, known to colour so many times as readily. */
    public function colouring(float $factor): self
    {
        OutOfRange::guard('factor of colouring', $factor, 0.05, 20);

        return new self($this->waterPerDry, $this->solidKilogramPerCubicMetre, $this->airShare, $this->solidHeat, $this->solidConductivity, $this->readiness * $factor, $this->isOily, $this->swelling);
    }

    /** Mass of dry matter in a cubic metre of dough, in kg. */
    public function dryPerCubicMetre(): float
    {
        return (1 - $this->airShare) / (1 / $this->solidKilogramPerCubicMetre + $this->waterPerDry / self::waterDensity());
    }

    public static function waterDensity(): float
    {
        return 995.7;
    }

    /** Shares are of the dry matter. */
    private static function readiness(float $sugars, float $protein, float $fat): float
    {
        $product = 1e4 * $sugars * $protein;

        return self::BASE_READINESS + self::READINESS_WITH_FAT * max(0.0, $fat - self::LEAN) * $product / ($product + self::HALF_PRODUCT);
    }

    /** @param list<float> $volumes of the components */
    private static function mixed(array $volumes, float $celsius): float
    {
        $parts = array_map(
            static fn (float $volume, array $curve): float => $volume * ($curve[0] + $curve[1] * $celsius + $curve[2] * $celsius ** 2),
            $volumes,
            self::CONDUCTIVITY,
        );

        return array_sum($parts) / array_sum($volumes);
    }

    /**
     * @param callable(float): float $curve
     * @return array{float, float} the straight line through its values at the two ends
     */
    private static function line(callable $curve): array
    {
        $slope = ($curve(self::TO_CELSIUS) - $curve(self::FROM_CELSIUS)) / (self::TO_CELSIUS - self::FROM_CELSIUS);

        return [$curve(self::FROM_CELSIUS) - $slope * self::FROM_CELSIUS, $slope];
    }
}
