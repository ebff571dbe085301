<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * The griddle as a body: what a square metre of it stores, what its burner gives at the knob's setting, how fast it
 * makes good what a bread takes, and how much of it lies under bread.
 */
final readonly class Iron
{
    /** Bare hot metal to the kitchen: convection and radiation of seasoned iron near 220 °C, W/(m²·K). Planning estimate. */
    public const TOP_LOSS = 18.0;

    public const UNDER_LOSS = 8.0;

    /** Seen from below one bread, its patch is fed by the metal around it: 2 k δ / (r² · LATERAL_SPREAD). */
    private const LATERAL_SPREAD = 0.9;

    private function __construct(
        public float $storedPerKelvin,
        public float $setCelsius,
        public float $regulation,
        public float $mostPower,
        public float $lateral,
        public float $coveredShare,
        public float $turnedUp = 0.0,
        public float $sagKelvin = 0.0,
    ) {
    }

    /**
     * @param float $coveredShare share of the metal under bread once it is loaded
     * @param float $breadRadiusMillimetres of one piece
     * @param float|null $mostPower W/m² with the flame open; null for what such a burner usually gives
     *
     * @throws OutOfRange If the metal is no hotter than boiling water, thinner than a sheet, or wholly covered twice.
     */
    public static function of(Metal $metal, Burner $burner, float $thicknessMillimetres, float $setCelsius, float $coveredShare, float $breadRadiusMillimetres, ?float $mostPower = null): self
    {
        OutOfRange::guard('thickness of the griddle in mm', $thicknessMillimetres, 1, 60);
        OutOfRange::guard('surface temperature in °C', $setCelsius, 100, 450);
        OutOfRange::guard('covered share of the griddle', $coveredShare, 0.01, 0.95);
        OutOfRange::guard('radius of a bread in mm', $breadRadiusMillimetres, 5, 1000);
        $depth = $thicknessMillimetres / 1000;

        return new self(
            $metal->storedPerCubicMetre() * $depth,
            $setCelsius,
            $burner->regulation(),
            $mostPower ?? $burner->mostPower(),
            2 * $metal->conductivity() * $depth / (($breadRadiusMillimetres / 1000) ** 2 * self::LATERAL_SPREAD),
            $coveredShare,
        );
    }

    /** The same griddle at another setting. */
    public function at(float $setCelsius): self
    {
        OutOfRange::guard('surface temperature in °C', $setCelsius, 100, 450);

        return new self($this->storedPerKelvin, $setCelsius, $this->regulation, $this->mostPower, $this->lateral, $this->coveredShare, 0.0, $this->sagKelvin);
    }

    /** The same setting with the flame turned up by so many W/m² for what lies on it. */
    public function turnedUpBy(float $power): self
    {
        return new self($this->storedPerKelvin, $this->setCelsius, $this->regulation, $this->mostPower, $this->lateral, $this->coveredShare, $power, $this->sagKelvin);
    }

    /** The same, of which a record says that its bare metal stands so much above or under its setting while bread lies on it. */
    public function sagging(float $kelvin): self
    {
        return new self($this->storedPerKelvin, $this->setCelsius, $this->regulation, $this->mostPower, $this->lateral, $this->coveredShare, $this->turnedUp, $kelvin);
    }

    /** By how many W/m² it can be turned up until the flame is open, while the bare metal stands at this temperature. */
    public function canTurnUpBy(float $bareCelsius, float $roomCelsius): float
    {
        return $this->mostPower - $this->idlePower($roomCelsius) - $this->regulation * ($this->setCelsius - $bareCelsius);
    }

    /** W/m² that hold the empty metal at its setting. */
    public function idlePower(float $roomCelsius): float
    {
        return (self::TOP_LOSS + self::UNDER_LOSS) * ($this->setCelsius - $roomCelsius);
    }

    /** Metal that nothing cools, to hold the run against closed solutions. */
    public static function endless(float $setCelsius): self
    {
        return new self(1e12, $setCelsius, 0.0, INF, 0.0, 0.01);
    }

    /** Power in W/m² that the burner gives while the bare metal stands at this temperature. */
    public function power(float $bareCelsius, float $roomCelsius): float
    {
        return max(0.0, min($this->mostPower, $this->idlePower($roomCelsius) + $this->turnedUp + $this->regulation * ($this->setCelsius - $bareCelsius)));
    }
}
