<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** A small amount in metric spoons, rounded to a quarter of a teaspoon, for hands without a scale. */
final readonly class Spoons
{
    private const QUARTERS_IN_TABLESPOON = 12;

    private function __construct(public int $tablespoons, public int $quarterTeaspoons)
    {
    }

    /** @throws OutOfRange If the amount is negative, or the density is not that of a food. */
    public static function holding(float $grams, float $gramsPerMillilitre): self
    {
        OutOfRange::guard('amount in grams', $grams, 0, 1e6);
        OutOfRange::guard('density in g/mL', $gramsPerMillilitre, 0.05, 3);
        $quarters = (int) round($grams / $gramsPerMillilitre / VolumeUnit::TeaspoonMetric->millilitres() * 4);

        return new self(intdiv($quarters, self::QUARTERS_IN_TABLESPOON), $quarters % self::QUARTERS_IN_TABLESPOON);
    }

    /** An amount as a kitchen without a scale says it: cups to the quarter from a quarter on, spoons below. */
    public static function orCups(float $grams, float $gramsPerMillilitre, Cup $cup = Cup::Metric): string
    {
        $cups = $grams / $gramsPerMillilitre / $cup->millilitres();
        if ($cups < 0.25) {
            return self::holding($grams, $gramsPerMillilitre)->inWords();
        }
        $quarters = (int) round(4 * $cups);
        $whole = intdiv($quarters, 4);

        return ($whole > 0 ? $whole : '').['', '¼', '½', '¾'][$quarters % 4].($quarters > 4 ? ' cups' : ' cup');
    }

    public function millilitres(): float
    {
        return $this->tablespoons * VolumeUnit::TablespoonMetric->millilitres()
            + $this->quarterTeaspoons * VolumeUnit::TeaspoonMetric->millilitres() / 4;
    }

    public function inWords(): string
    {
        $whole = intdiv($this->quarterTeaspoons, 4);
        $part = ['', '¼', '½', '¾'][$this->quarterTeaspoons % 4];
        $parts = array_filter([
            $this->tablespoons > 0 ? $this->tablespoons.' tbsp' : '',
            $this->quarterTeaspoons > 0 ? ($whole > 0 ? $whole : '').$part.' tsp' : '',
        ]);

        return $parts === [] ? 'a few drops' : implode(' ', $parts);
    }
}
