<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** The measuring spoons of a kitchen. A tablespoon holds three teaspoons, in Australia four. */
enum SpoonSet: string
{
    case Us = 'us';
    case Metric = 'metric';
    case Au = 'au';

    public function teaspoonMillilitres(): float
    {
        return $this->teaspoon()->millilitres();
    }

    public function teaspoon(): VolumeUnit
    {
        return $this === self::Us ? VolumeUnit::TeaspoonUs : VolumeUnit::TeaspoonMetric;
    }

    public function tablespoon(): VolumeUnit
    {
        return match ($this) {
            self::Us => VolumeUnit::TablespoonUs,
            self::Metric => VolumeUnit::TablespoonMetric,
            self::Au => VolumeUnit::TablespoonAu,
        };
    }

    public function teaspoonsInTablespoon(): int
    {
        return $this === self::Au ? 4 : 3;
    }
}
