<?php

declare(strict_types=1);

namespace StoneMill\Bake\Internal;

use StoneMill\Bake\Iron;

/** The metal under one bread, and the bare metal around it. For each square metre of bread. */
final class Patch
{
    private const BARE_LOSS = Iron::UNDER_LOSS + Iron::TOP_LOSS;

    public float $bareCelsius;

    /** J that the patch took in, less what it gave the bread: what its own temperature must show. */
    public float $takenIn = 0.0;

    public float $lowestCelsius;

    private float $fromAround = 0.0;

    /** W/m² of the burner over the step under way. */
    private float $power = 0.0;

    private readonly float $firstStored;

    public function __construct(private Iron $iron, private readonly float $roomCelsius, public float $celsius)
    {
        $this->bareCelsius = $celsius;
        $this->lowestCelsius = $celsius;
        $this->firstStored = $iron->storedPerKelvin * $celsius;
    }

    public function set(Iron $iron): void
    {
        $this->iron = $iron;
    }

    /**
     * Its row of the heat balance, with which a step begins: diagonal without the contact, and the right-hand side.
     *
     * @return array{float, float}
     */
    public function row(float $dt, bool $bare): array
    {
        $iron = $this->iron;
        $stored = $iron->storedPerKelvin / $dt;
        $loss = $bare ? self::BARE_LOSS : Iron::UNDER_LOSS;
        $this->power = $iron->power($this->bareCelsius, $this->roomCelsius);

        return [
            $stored + $iron->lateral + $loss,
            $stored * $this->celsius + $this->power + $iron->lateral * $this->bareCelsius + $loss * $this->roomCelsius,
        ];
    }

    /**
     * Ends the step.
     *
     * @param float $given J that went into the bread
     */
    public function settle(float $dt, float $celsius, float $given, bool $bare): void
    {
        $loss = $bare ? self::BARE_LOSS : Iron::UNDER_LOSS;
        $this->fromAround = $this->iron->lateral * ($this->bareCelsius - $celsius);
        $this->takenIn += $dt * ($this->power + $this->fromAround - $loss * ($celsius - $this->roomCelsius)) - $given;
        $this->celsius = $celsius;
        $this->lowestCelsius = $celsius < $this->lowestCelsius ? $celsius : $this->lowestCelsius;
        $this->warmAround($dt);
    }

    /** Difference between what it took in and what its temperature shows, in J. */
    public function unexplained(): float
    {
        return abs($this->iron->storedPerKelvin * $this->celsius - $this->firstStored - $this->takenIn);
    }

    /** The same burner heats the bare metal; the air cools it, and so does what flows under the breads. */
    private function warmAround(float $dt): void
    {
        $iron = $this->iron;
        $ratio = $iron->coveredShare / (1 - $iron->coveredShare);
        $net = $this->power - self::BARE_LOSS * ($this->bareCelsius - $this->roomCelsius) - $ratio * $this->fromAround;
        // Linear in its own temperature, so a long step cannot overshoot.
        $stiff = (self::BARE_LOSS + $iron->regulation + $ratio * $iron->lateral) * $dt / $iron->storedPerKelvin;
        $this->bareCelsius += $net * $dt / $iron->storedPerKelvin / (1 + $stiff);
    }
}
