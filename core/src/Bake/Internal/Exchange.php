<?php

declare(strict_types=1);

namespace StoneMill\Bake\Internal;

use StoneMill\Bake\Steam;
use StoneMill\Bake\Surround;

/** What an open face gives to the air, linear about one temperature: convection, radiation and vapour. */
final readonly class Exchange
{
    /** Above this a wet face counts as free water. */
    private const FREE_WATER = 1.6;

    private function __construct(
        private float $convection,
        private float $airCelsius,
        private float $radiation,
        private float $radiantCelsius,
        private float $vapour,
        private float $vapourSlope,
        private float $mostVapour,
        public float $vapourEnthalpy,
        private float $aboutCelsius,
    ) {
    }

    /** @param float $mostVapour kg/(m²·s) that the face can give */
    public static function of(Surround $around, float $celsius, float $waterPerDry, float $mostVapour): self
    {
        $activity = $waterPerDry > self::FREE_WATER ? 1.0 : Steam::activity($waterPerDry, $celsius);
        $density = Steam::densityAt($celsius);
        $mass = $around->massTransfer();
        $held = $activity * $density;
        // Steam settles only on what is colder than its dew point.
        $flow = $held < $around->vapourDensity && $density > $around->vapourDensity ? 0.0 : $mass * ($held - $around->vapourDensity);
        // d ln ρ/dT of saturated vapour is near L M / (R T²).
        $slope = $mass * $held * 5000 / ($celsius + 273.15) ** 2;
        $share = $flow > $mostVapour ? $mostVapour / $flow : 1.0;

        return new self(
            $around->convection,
            $around->airCelsius,
            $around->radiation($celsius),
            $around->radiantCelsius,
            $share * $flow,
            $share * $slope,
            $mostVapour,
            Steam::vapourEnthalpy($celsius),
            $celsius,
        );
    }

    /** W/(m²·K): how much more is given for each kelvin of the face. */
    public function slope(): float
    {
        return $this->convection + $this->radiation + $this->vapourSlope * $this->vapourEnthalpy;
    }

    /** W/m²: slope times the temperature at which nothing would be given. */
    public function source(): float
    {
        return $this->convection * $this->airCelsius + $this->radiation * $this->radiantCelsius
            + ($this->vapourSlope * $this->aboutCelsius - $this->vapour) * $this->vapourEnthalpy;
    }

    /** W/m² by convection and radiation. */
    public function heat(float $celsius): float
    {
        return $this->convection * ($celsius - $this->airCelsius) + $this->radiation * ($celsius - $this->radiantCelsius);
    }

    /** kg/(m²·s), below zero where steam condenses. */
    public function vapour(float $celsius): float
    {
        return max(min(0.0, $this->vapour), min($this->mostVapour, $this->vapour + $this->vapourSlope * ($celsius - $this->aboutCelsius)));
    }
}
