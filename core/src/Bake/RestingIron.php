<?php

declare(strict_types=1);

namespace StoneMill\Bake;

use StoneMill\Bake\Internal\Patch;

/** The griddle while nothing lies on it: it makes good what the last load took. */
final class RestingIron
{
    private const STEP_SECONDS = 1.0;

    private Patch $patch;

    public function __construct(Iron $iron, float $roomCelsius, float $celsius, ?float $bareCelsius = null)
    {
        $this->patch = new Patch($iron, $roomCelsius, $celsius);
        $this->patch->bareCelsius = $bareCelsius ?? $celsius;
    }

    public function __clone()
    {
        $this->patch = clone $this->patch;
    }

    public static function after(BakeUnderWay $bake): self
    {
        return new self($bake->iron, $bake->kitchen->roomCelsius, $bake->metalCelsius(), $bake->bareMetalCelsius());
    }

    public function celsius(): float
    {
        return $this->patch->celsius;
    }

    public function bareCelsius(): float
    {
        return $this->patch->bareCelsius;
    }

    /** Seconds until it is as hot as this again, with nothing on it; at most `most`. */
    public function secondsUntil(float $celsius, float $most): float
    {
        $resting = clone $this;
        $waited = 0.0;
        while ($resting->celsius() < $celsius && $waited < $most) {
            $resting->rest(self::STEP_SECONDS);
            $waited += self::STEP_SECONDS;
        }

        return $waited;
    }

    public function rest(float $seconds): void
    {
        for ($left = $seconds; $left > 1e-9; $left -= self::STEP_SECONDS) {
            $step = min(self::STEP_SECONDS, $left);
            [$diagonal, $right] = $this->patch->row($step, true);
            $this->patch->settle($step, $right / $diagonal, 0.0, true);
        }
    }
}
