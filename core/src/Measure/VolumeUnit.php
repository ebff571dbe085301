<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** Kitchen volumes. The regional spoons and cups differ by up to a third, so each is its own unit. */
enum VolumeUnit: string
{
    case Millilitre = 'ml';
    case Litre = 'l';
    /** The kitchen's own cup, whichever that is. */
    case Cup = 'cup';
    case CupUs = 'cup_us';
    case CupMetric = 'cup_metric';
    case TablespoonUs = 'tablespoon_us';
    case TablespoonMetric = 'tablespoon_metric';
    case TablespoonAu = 'tablespoon_au';
    case TeaspoonUs = 'teaspoon_us';
    case TeaspoonMetric = 'teaspoon_metric';

    /** @param Cup|null $cup of the kitchen; null where nobody said, then a cup may be either */
    public function spread(?Cup $cup): Spread
    {
        return $this === self::Cup && $cup === null ? Cup::any() : Spread::exactly($this->millilitres($cup ?? Cup::Metric));
    }

    public function millilitres(Cup $cup = Cup::Metric): float
    {
        return match ($this) {
            self::Millilitre => 1.0,
            self::Litre => 1000.0,
            self::Cup => $cup->millilitres(),
            self::CupUs => Cup::Us->millilitres(),
            self::CupMetric => Cup::Metric->millilitres(),
            self::TablespoonUs => 14.787,
            self::TablespoonMetric => 15.0,
            self::TablespoonAu => 20.0,
            self::TeaspoonUs => 4.929,
            self::TeaspoonMetric => 5.0,
        };
    }
}
