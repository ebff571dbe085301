<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/**
 * What a face of the bread meets where it is not on metal: moving air, things that glow, and how damp the air is.
 */
final readonly class Surround
{
    private const STEFAN_BOLTZMANN = 5.670e-8;

    /** Air: specific heat times density in J/(m³·K) near 60 °C, and Lewis' number to the power 2/3 for water vapour in air. */
    private const AIR_HEAT = 1060.0;

    private const LEWIS = 0.9;

    /** Mass transfer coefficient in m/s from the convective one by the analogy of Chilton and Colburn. */
    public float $massTransfer;

    /** @param float $view emissivity times the share of the sky that glows */
    public function __construct(
        public float $airCelsius,
        public float $convection,
        public float $radiantCelsius,
        public float $vapourDensity,
        public float $view,
    ) {
        $this->massTransfer = $convection / (self::AIR_HEAT * self::LEWIS);
    }

    /** Radiation as a heat transfer coefficient at this face temperature, in W/(m²·K). */
    public function radiation(float $faceCelsius): float
    {
        $face = $faceCelsius + 273.15;
        $around = $this->radiantCelsius + 273.15;

        return $this->view * self::STEFAN_BOLTZMANN * ($face + $around) * ($face ** 2 + $around ** 2);
    }
}
