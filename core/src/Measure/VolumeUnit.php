<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** Kitchen volumes. The regional spoons and cups differ by up to a third, so each is its own unit. */
enum VolumeUnit: string
{
    case Millilitre = 'ml';
    case Litre = 'l';
    case CupUs = 'cup_us';
    case CupMetric = 'cup_metric';
    case TablespoonUs = 'tablespoon_us';
    case TablespoonMetric = 'tablespoon_metric';
    case TablespoonAu = 'tablespoon_au';
    case TeaspoonUs = 'teaspoon_us';
    case TeaspoonMetric = 'teaspoon_metric';

    public function millilitres(): float
    {
        return match ($this) {
            self::Millilitre => 1.0,
            self::Litre => 1000.0,
            self::CupUs => 236.588,
            self::CupMetric => 250.0,
            self::TablespoonUs => 14.787,
            self::TablespoonMetric => 15.0,
            self::TablespoonAu => 20.0,
            self::TeaspoonUs => 4.929,
            self::TeaspoonMetric => 5.0,
        };
    }
}
