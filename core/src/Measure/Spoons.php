<?php

declare(strict_types=1);

namespace StoneMill\Measure;

use StoneMill\Measure\Exception\OutOfRange;

/** A small amount in the spoons of a kitchen, rounded to a quarter of a teaspoon, for hands without a scale. */
final readonly class Spoons
{
    /** How the parts of a cup are written, in their order. */
    private const WRITTEN = ['', '¼', '⅓', '½', '⅔', '¾'];

    private function __construct(public int $tablespoons, public int $quarterTeaspoons, private SpoonSet $set)
    {
    }

    /** @throws OutOfRange If the amount is negative, or the density is not that of a food. */
    public static function holding(float $grams, float $gramsPerMillilitre, SpoonSet $set = SpoonSet::Metric): self
    {
        OutOfRange::guard('amount in grams', $grams, 0, 1e6);
        OutOfRange::guard('density in g/mL', $gramsPerMillilitre, 0.05, 3);
        $quarters = (int) round($grams / $gramsPerMillilitre / $set->teaspoonMillilitres() * 4);
        $inTablespoon = 4 * $set->teaspoonsInTablespoon();

        return new self(intdiv($quarters, $inTablespoon), $quarters % $inTablespoon, $set);
    }

    /** An amount as a kitchen without a scale says it: cups to the nearest quarter or third from a quarter on, spoons below. */
    public static function orCups(float $grams, float $gramsPerMillilitre, Cup $cup = Cup::Metric, SpoonSet $set = SpoonSet::Metric): string
    {
        $cups = $grams / $gramsPerMillilitre / $cup->millilitres();
        if ($cups < KitchenMeasure::LEAST) {
            return self::holding($grams, $gramsPerMillilitre, $set)->inWords();
        }
        [$whole, $part] = KitchenMeasure::nearest($cups);

        return ($whole > 0 ? $whole : '').self::WRITTEN[$part].($whole + KitchenMeasure::PARTS[$part] > 1 ? ' cups' : ' cup');
    }

    public function millilitres(): float
    {
        return ($this->tablespoons * $this->set->teaspoonsInTablespoon() + $this->quarterTeaspoons / 4) * $this->set->teaspoonMillilitres();
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
