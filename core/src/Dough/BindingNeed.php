<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\School\Purpose;
use StoneMill\School\Shaping;

/**
 * The binding index that a bread must reach: what its style needs, moved by a way of shaping that asks more or less
 * of the dough than the usual one, and by what the bread must do on the plate. Planning estimates in points.
 */
final readonly class BindingNeed
{
    private function __construct(public float $index, public float $forStyle, public float $forShape, public float $forPurpose)
    {
    }

    /**
     * @param float $styleNeeds index that the style needs as it is usually shaped
     * @param non-empty-list<Purpose> $uses what the style is good for as it is
     */
    public static function of(float $styleNeeds, Shaping $usualShape, array $uses, Shaping $shape, ?Purpose $purpose): self
    {
        $forShape = self::shapeDemand($shape) - self::shapeDemand($usualShape);
        $forPurpose = match ($purpose) {
            null => 0.0,
            default => max(0.0, self::purposeDemand($purpose) - max(array_map(self::purposeDemand(...), $uses))),
        };

        return new self(max(0.0, $styleNeeds + $forShape + $forPurpose), $styleNeeds, $forShape, $forPurpose);
    }

    private static function shapeDemand(Shaping $shape): float
    {
        return match ($shape) {
            Shaping::Pour => 0.0,
            Shaping::Fingers => 6.0,
            Shaping::Palms => 8.0,
            Shaping::TwoPlates, Shaping::LeverPress => 10.0,
            Shaping::RollingPin => 12.0,
            Shaping::Cutter => 14.0,
        };
    }

    private static function purposeDemand(Purpose $purpose): float
    {
        return match ($purpose) {
            Purpose::Dip, Purpose::Top, Purpose::Crisp => 0.0,
            Purpose::Split, Purpose::Fold => 3.0,
            Purpose::Fill => 5.0,
            Purpose::Wrap => 6.0,
        };
    }
}
