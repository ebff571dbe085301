<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** The cup that a kitchen measures with. */
enum Cup: string
{
    case Us = 'us';
    case Metric = 'metric';

    public function millilitres(): float
    {
        return match ($this) {
            self::Us => 236.588,
            self::Metric => 250.0,
        };
    }

    /** Of a cup that nobody described: either of them. */
    public static function any(): Spread
    {
        return Spread::of(self::Us->millilitres(), (self::Us->millilitres() + self::Metric->millilitres()) / 2, self::Metric->millilitres());
    }
}
