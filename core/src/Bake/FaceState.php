<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** One side of a bread under way: how hot, how dry, how brown, how long on the metal. */
final class FaceState
{
    /** From here on a face's starch has swollen and set, whatever the flour. */
    private const GEL_CELSIUS = 90.0;

    /** Below this nothing colours within any time on a griddle. */
    private const COLD_CELSIUS = 105.0;

    /** Brownness of most of the face, and of the spots that touch the metal closely. */
    public float $brownness = 0.0;

    public float $spotBrownness = 0.0;

    public float $contactSeconds = 0.0;

    public float $hottestCelsius;

    public float $hottestSpotCelsius;

    /** A wet face settles into the metal; within seconds it gels, and flows no more. */
    public bool $hasSet = false;

    /** Seconds on the metal at gel-setting heat. */
    public float $hotSeconds = 0.0;

    public function __construct(public float $celsius, public float $waterPerDry, public Film $film = Film::None)
    {
        $this->hottestCelsius = $celsius;
        $this->hottestSpotCelsius = $celsius;
    }

    public function lieFor(float $seconds, bool $long): void
    {
        $this->contactSeconds += $seconds;
        $this->hotSeconds += $this->celsius > self::GEL_CELSIUS ? $seconds : 0.0;
        $this->hasSet = $this->hasSet || $long;
    }

    /** @param float $spotCelsius of the spots that touch closely */
    public function brownBy(float $seconds, float $spotCelsius, float $waterPerDry, float $readiness): void
    {
        $this->waterPerDry = $waterPerDry;
        $celsius = $this->celsius;
        $this->hottestCelsius = $celsius > $this->hottestCelsius ? $celsius : $this->hottestCelsius;
        $this->hottestSpotCelsius = $spotCelsius > $this->hottestSpotCelsius ? $spotCelsius : $this->hottestSpotCelsius;
        if ($celsius > self::COLD_CELSIUS) {
            $this->brownness += $seconds * Colour::rate($celsius, Steam::activity($waterPerDry, $celsius), $readiness);
        }
        if ($spotCelsius > self::COLD_CELSIUS) {
            $this->spotBrownness += $seconds * Colour::rate($spotCelsius, Steam::activity($waterPerDry, $spotCelsius), $readiness);
        }
    }
}
