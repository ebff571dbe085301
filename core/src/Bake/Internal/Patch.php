<?php

declare(strict_types=1);

namespace StoneMill\Bake\Internal;

use StoneMill\Bake\Iron;

/** The metal under one bread, and the bare metal around it. For each square metre of bread. */
final class Patch
{
    public float $bareCelsius;

    /** J that the patch took in, less what it gave the bread: what its own temperature must show. */
    public float $takenIn = 0.0;

    public float $lowestCelsius;

    private float $fromAround = 0.0;

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
     * Its row of the heat balance: diagonal without the contact, and the right-hand side.
     *
     * @return array{float, float}
     */
    public function row(float $dt, bool $bare): array
    {
        $stored = $this->iron->storedPerKelvin / $dt;
        $loss = self::loss($bare);

        return [
            $stored + $this->iron->lateral + $loss,
            $stored * $this->celsius + $this->power() + $this->iron->lateral * $this->bareCelsius + $loss * $this->roomCelsius,
        ];
    }

    /** @param float $given J that went into the bread */
    public function settle(float $dt, float $celsius, float $given, bool $bare): void
    {
        $this->fromAround = $this->iron->lateral * ($this->bareCelsius - $celsius);
        $this->takenIn += $dt * ($this->power() + $this->fromAround - self::loss($bare) * ($celsius - $this->roomCelsius)) - $given;
        $this->celsius = $celsius;
        $this->lowestCelsius = min($this->lowestCelsius, $celsius);
        $this->warmAround($dt);
    }

    /** Difference between what it took in and what its temperature shows, in J. */
    public function unexplained(): float
    {
        return abs($this->iron->storedPerKelvin * $this->celsius - $this->firstStored - $this->takenIn);
    }

    private function power(): float
    {
        return $this->iron->power($this->bareCelsius, $this->roomCelsius);
    }

    private static function loss(bool $bare): float
    {
        return Iron::UNDER_LOSS + ($bare ? Iron::TOP_LOSS : 0.0);
    }

    /** The same burner heats the bare metal; the air cools it, and so does what flows under the breads. */
    private function warmAround(float $dt): void
    {
        $iron = $this->iron;
        $ratio = $iron->coveredShare / (1 - $iron->coveredShare);
        $loss = Iron::TOP_LOSS + Iron::UNDER_LOSS;
        $net = $this->power() - $loss * ($this->bareCelsius - $this->roomCelsius) - $ratio * $this->fromAround;
        // Linear in its own temperature, so a long step cannot overshoot.
        $stiff = ($loss + $iron->regulation + $ratio * $iron->lateral) * $dt / $iron->storedPerKelvin;
        $this->bareCelsius += $net * $dt / $iron->storedPerKelvin / (1 + $stiff);
    }
}
