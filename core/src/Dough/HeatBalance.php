<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Measure\Exception\OutOfRange;

/**
 * The temperature of what is mixed: heat given equals heat taken, then a share of the excess over the room
 * is lost while mixing.
 *
 *   T = T_room + (Σ C·T / Σ C − T_room) · (1 − loss)
 */
final readonly class HeatBalance
{
    private function __construct(public float $roomCelsius, public float $lossShare)
    {
    }

    /** @throws OutOfRange If the loss is not a share, or the room not one to work in. */
    public static function in(float $roomCelsius, float $lossShare): self
    {
        return new self(
            OutOfRange::guard('room temperature in °C', $roomCelsius, -40, 60),
            OutOfRange::guard('heat loss share', $lossShare, 0, 0.9),
        );
    }

    /** @param non-empty-list<HeatBody> $bodies */
    public function mixed(array $bodies): float
    {
        [$heat, $capacity] = self::sums($bodies);

        return $this->roomCelsius + ($heat / $capacity - $this->roomCelsius) * (1 - $this->lossShare);
    }

    /**
     * The temperature that one more body must have for the mix to end at the wanted one. The answer may lie
     * outside what water can be; the caller says what then.
     *
     * @param list<HeatBody> $others
     */
    public function neededCelsius(float $wantedCelsius, array $others, float $joulesPerKelvin): float
    {
        OutOfRange::guard('heat capacity in J/K', $joulesPerKelvin, 1e-9, 1e9);
        [$heat, $capacity] = self::sums($others);
        $beforeLoss = $this->roomCelsius + ($wantedCelsius - $this->roomCelsius) / (1 - $this->lossShare);

        return ($beforeLoss * ($capacity + $joulesPerKelvin) - $heat) / $joulesPerKelvin;
    }

    /**
     * @param list<HeatBody> $bodies
     * @return array{float, float}
     */
    private static function sums(array $bodies): array
    {
        $heat = 0.0;
        $capacity = 0.0;
        foreach ($bodies as $body) {
            $heat += $body->joulesPerKelvin * $body->celsius;
            $capacity += $body->joulesPerKelvin;
        }

        return [$heat, $capacity];
    }
}
