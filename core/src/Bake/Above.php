<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/** What the open side of the bread meets. Temperatures and coefficients are planning estimates within what is usual for kitchens. */
enum Above: string
{
    case Open = 'open';
    case Covered = 'covered';
    case Oven = 'oven';
    case OvenInPan = 'oven_in_pan';
    case Flame = 'flame';
    case Broiler = 'broiler';

    /** Under a cover steam gathers; it is as warm as this after some time, with this time constant in seconds. */
    private const COVERED_CELSIUS = 97.0;

    private const COVER_SECONDS = 45.0;

    /** The element of a broiler glows at this; all of its sky would throw σ (893⁴ − 373⁴) W/m² on a face of 100 °C. */
    private const ELEMENT_CELSIUS = 620.0;

    private const ELEMENT_WATTS = 34960.0;

    /** @param float $seconds since the bread came under it */
    public function surround(KitchenAir $kitchen, Physics $physics, float $seconds): Surround
    {
        $room = $kitchen->roomVapourDensity;

        return match ($this) {
            self::Open, self::Flame => new Surround($kitchen->roomCelsius + 15, $physics->openConvection, $kitchen->roomCelsius, $room, $physics->emissivity),
            self::Covered => self::cover($kitchen, $physics, $seconds),
            self::Oven, self::OvenInPan => new Surround($kitchen->ovenCelsius, 12.0, $kitchen->ovenCelsius, $room, $physics->emissivity),
            self::Broiler => new Surround(150.0, 10.0, self::ELEMENT_CELSIUS, $room, $kitchen->broilerWatts / self::ELEMENT_WATTS),
        };
    }

    /** What the lower face meets once the bread has left the metal: the flame itself, or the oven's air on its rack. */
    public function surroundBelow(KitchenAir $kitchen, Physics $physics, float $seconds): Surround
    {
        return $this === self::Flame
            ? new Surround(650.0, 35.0, 650.0, 0.03, 0.4 * $physics->emissivity)
            : $this->surround($kitchen, $physics, $seconds);
    }

    /** Whether the bread has left the griddle for it. */
    public function leavesTheMetal(): bool
    {
        return match ($this) {
            self::Oven, self::Flame => true,
            self::Open, self::Covered, self::Broiler, self::OvenInPan => false,
        };
    }

    /** Whether what it is under is the same from first to last; under a lid steam gathers. */
    public function staysTheSame(): bool
    {
        return $this !== self::Covered;
    }

    private static function cover(KitchenAir $kitchen, Physics $physics, float $seconds): Surround
    {
        $celsius = self::COVERED_CELSIUS - (self::COVERED_CELSIUS - $kitchen->roomCelsius) * exp(-$seconds / self::COVER_SECONDS);

        return new Surround($celsius, $physics->openConvection, $celsius, 0.95 * Steam::densityAt($celsius), $physics->emissivity);
    }
}
