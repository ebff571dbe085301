<?php

declare(strict_types=1);

namespace StoneMill\Bake;

/**
 * Heat transfer between metal and bread in W/(m²·K). Wet dough settles on the metal; within two seconds its face gels and
 * flows no more; a crust that dries is rough and stands off; a puffed bread touches by its rim.
 */
final class Contact
{
    private const PUFFED_SHARE = 0.65;

    private const PRESSED_SHARE = 1.6;

    /** Wet dough with oil between it and the metal touches better by this, before it has gelled and after. */
    private const OILED_WET = 1.1;

    /** Between these the face dries, in kg water per kg dry matter. */
    private const DRY_AT = 0.10;

    private const WET_AT = 0.70;

    /** @param float $seconds since it was laid or turned */
    public static function conductance(Physics $physics, FaceState $face, float $seconds, bool $puffed, bool $pressed): float
    {
        $bare = $face->hasSet ? $physics->contactSet : $physics->contactRaw;
        [$wet, $dry] = match ($face->film) {
            Film::None => [$bare, $physics->contactDry],
            Film::Oil => [self::OILED_WET * $bare, $physics->contactOiled],
        };
        $settled = $physics->firstContact + (1 - $physics->firstContact) * (1 - exp(-$seconds / $physics->settlingSeconds));

        return ($dry + ($wet - $dry) * self::wetness($face->waterPerDry)) * $settled * ($puffed ? self::PUFFED_SHARE : 1.0) * ($pressed ? self::PRESSED_SHARE : 1.0);
    }

    /** 0 for a dry crust, 1 for wet dough, smooth between. */
    public static function wetness(float $waterPerDry): float
    {
        $share = max(0.0, min(1.0, ($waterPerDry - self::DRY_AT) / (self::WET_AT - self::DRY_AT)));

        return $share * $share * (3 - 2 * $share);
    }
}
