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

    /**
     * @param float $slope W/(m²·K): how much more is given for each kelvin of the face
     * @param float $source W/m²: slope times the temperature at which nothing would be given
     * @param float $drySlope the same without vapour
     * @param float $vapour kg/(m²·s) at the one temperature
     * @param float $vapourSlope kg/(m²·s·K)
     * @param float $vapourEnthalpy J/kg
     */
    private function __construct(
        public float $slope,
        public float $source,
        private float $drySlope,
        private float $drySource,
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
        $held = $activity * $density;
        // Steam settles only on what is colder than its dew point.
        $vapour = $held < $around->vapourDensity && $density > $around->vapourDensity ? 0.0 : $around->massTransfer * ($held - $around->vapourDensity);
        // d ln ρ/dT of saturated vapour is near L M / (R T²).
        $vapourSlope = $around->massTransfer * $held * 5000 / ($celsius + 273.15) ** 2;
        if ($vapour > $mostVapour) {
            $vapourSlope *= $mostVapour / $vapour;
            $vapour = $mostVapour;
        }
        $radiation = $around->radiation($celsius);
        $drySlope = $around->convection + $radiation;
        $drySource = $around->convection * $around->airCelsius + $radiation * $around->radiantCelsius;
        $enthalpy = Steam::vapourEnthalpy($celsius);

        return new self(
            $drySlope + $vapourSlope * $enthalpy,
            $drySource + ($vapourSlope * $celsius - $vapour) * $enthalpy,
            $drySlope,
            $drySource,
            $vapour,
            $vapourSlope,
            $mostVapour,
            $enthalpy,
            $celsius,
        );
    }

    /** W/m² by convection and radiation. */
    public function heat(float $celsius): float
    {
        return $this->drySlope * $celsius - $this->drySource;
    }

    /** kg/(m²·s), below zero where steam condenses. */
    public function vapour(float $celsius): float
    {
        return max(min(0.0, $this->vapour), min($this->mostVapour, $this->vapour + $this->vapourSlope * ($celsius - $this->aboutCelsius)));
    }
}
